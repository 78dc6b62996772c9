<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Persistence\LogbookCounts;
use App\Persistence\LogChoice;
use Kontrast\Logbook\Analysis;
use Kontrast\Logbook\LogRules;
use Kontrast\Logbook\SchoolEvidence;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Rulebook;
use Symfony\Contracts\Cache\CacheInterface;

/** The rulebook that advises: the standard one, and the log's own rules on the questions where the angler lets it have a say. */
final readonly class NotedRulebook
{
    public function __construct(
        private LogChoice $choice,
        private LogbookCounts $counts,
        private AnalyzeLogbook $log,
        private CacheInterface $cache,
        private Engine $standardEngine,
    ) {
    }

    public function make(): Rulebook
    {
        $book = $this->standardEngine->book;
        $questions = $this->choice->questions();

        return [] === $questions ? $book : $book->with(LogRules::of($book, $this->evidence(), $questions));
    }

    /** @return list<SchoolEvidence> counted once for as long as nothing new is noted */
    private function evidence(): array
    {
        $key = \sprintf('log-evidence-%d-%s', Analysis::VERSION, $this->counts->fingerprint());

        return $this->cache->get($key, fn (): array => $this->log->analysis()->schools);
    }
}
