<?php

declare(strict_types=1);

namespace App\Persistence;

use Kontrast\Trip\CarryPlan;
use Psr\Cache\CacheItemPoolInterface;

/** What to carry on the days that were asked about last, so that a trip that is opened again, or packed, says the same at once. */
final readonly class KeptCarry
{
    /** Days at most, some fewer where two of them share a place. (Chosen.) */
    private const PLACES = 64;

    public function __construct(private CacheItemPoolInterface $cache)
    {
    }

    /** @param string $asked all that the answer hangs on, as a hash */
    public function find(string $asked): ?CarryPlan
    {
        $kept = $this->cache->getItem(self::place($asked))->get();
        [$of, $carry] = \is_array($kept) ? [$kept[0] ?? null, $kept[1] ?? null] : [null, null];

        return $of === $asked && $carry instanceof CarryPlan ? $carry : null;
    }

    public function keep(string $asked, CarryPlan $carry): void
    {
        $this->cache->save($this->cache->getItem(self::place($asked))->set([$asked, $carry]));
    }

    private static function place(string $asked): string
    {
        return 'carry-'.crc32($asked) % self::PLACES;
    }
}
