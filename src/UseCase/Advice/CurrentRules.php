<?php

declare(strict_types=1);

namespace App\UseCase\Advice;

use App\Contract\Reading\ReadingDocument;
use App\Persistence\LogbookCounts;
use App\Persistence\LogChoice;
use App\UseCase\Outing\AnalyzeLogbook;
use Kontrast\Logbook\Analysis;
use Kontrast\Logbook\LogRules;
use Kontrast\Logbook\SchoolEvidence;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\LureRanking;
use Symfony\Contracts\Cache\CacheInterface;
use Symfony\Contracts\Service\ResetInterface;

/**
 * The rules that advise: the standard ones, and the log's own on the questions where the angler lets it have a say. They are read when they
 * are first asked for, and stay the same until the request is over.
 */
final class CurrentRules implements ResetInterface
{
    private ?Engine $engine = null;

    public function __construct(
        private readonly LogChoice $choice,
        private readonly LogbookCounts $counts,
        private readonly AnalyzeLogbook $log,
        private readonly CacheInterface $cache,
        private readonly Engine $standard,
        private readonly LureRanking $ranking,
    ) {
    }

    public function engine(): Engine
    {
        return $this->engine ??= $this->read();
    }

    public function adviser(): Adviser
    {
        return new Adviser($this->engine());
    }

    /** With the kind of lure that suits the water best where any will do. */
    public function settle(ReadingDocument $document): Reading
    {
        $kind = $document->lure->kind();
        if (null !== $kind) {
            return $document->toReading($kind);
        }
        $reading = $document->toReading(LureKind::Jig);

        return $reading->with(lure: $this->ranking->best($reading));
    }

    public function reset(): void
    {
        $this->engine = null;
    }

    private function read(): Engine
    {
        $questions = $this->choice->questions();

        return [] === $questions
            ? $this->standard
            : new Engine($this->standard->book->with(LogRules::derive($this->standard->book, $this->evidence(), $questions)));
    }

    /** @return list<SchoolEvidence> counted once for as long as nothing new is noted */
    private function evidence(): array
    {
        $key = \sprintf('log-evidence-%d-%s', Analysis::VERSION, $this->counts->fingerprint());

        return $this->cache->get($key, fn (): array => $this->log->analysis()->schools);
    }
}
