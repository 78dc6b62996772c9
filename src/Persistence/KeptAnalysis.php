<?php

declare(strict_types=1);

namespace App\Persistence;

use Kontrast\Logbook\Analysis;
use Psr\Cache\CacheItemPoolInterface;

/** What the notes came to when they were last counted. It is forgotten where all that is stored is replaced. */
final readonly class KeptAnalysis
{
    public function __construct(private CacheItemPoolInterface $cache, private LogbookCounts $counts, private string $databaseFile)
    {
    }

    /** @return array{Analysis|null, bool} the last one, and whether nothing was noted since */
    public function last(): array
    {
        $kept = $this->cache->getItem($this->key())->get();
        [$noted, $analysis] = \is_array($kept) ? [$kept[0] ?? null, $kept[1] ?? null] : [null, null];

        return $analysis instanceof Analysis ? [$analysis, $noted === $this->counts->fingerprint()] : [null, false];
    }

    public function keep(Analysis $analysis): void
    {
        $this->cache->save($this->cache->getItem($this->key())->set([$this->counts->fingerprint(), $analysis]));
    }

    public function forget(): void
    {
        $this->cache->deleteItem($this->key());
    }

    private function key(): string
    {
        return \sprintf('log-analysis-%d-%s', Analysis::VERSION, hash('xxh128', $this->databaseFile));
    }
}
