<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\SeasonMomentDocument;
use App\Contract\Outing\SeasonNoticeDocument;
use App\Contract\Outing\SeasonWatchDocument;
use App\Contract\Outing\WarmthDocument;
use App\Persistence\Entity\Water;
use App\Persistence\Kind\WaterKind;
use App\Persistence\LogbookCounts;
use App\Persistence\Rows;
use Kontrast\Logbook\MomentNotice;
use Kontrast\Logbook\MomentSeen;
use Kontrast\Logbook\SeasonWatch;
use Symfony\Component\Clock\ClockInterface;

/** The temperatures of every water over the year, with what they mean (W11). */
final readonly class WatchSeason
{
    public function __construct(
        private Rows $rows,
        private WaterKind $waters,
        private LogbookCounts $counts,
        private ClockInterface $clock,
    ) {
    }

    /** @return list<SeasonWatchDocument> the waters of which a temperature is known */
    public function all(): array
    {
        $now = $this->clock->now();
        $temperatures = $this->counts->temperatures($now->modify('first day of january last year')->format('Y-m-d'));
        $watched = [];
        foreach ($this->rows->all($this->waters) as $water) {
            $days = $temperatures[$water->id()] ?? [];
            if ([] !== $days) {
                $today = $now->setTimezone(Water::clockAt($water));
                $watched[] = self::watch($water, $days, $today->format('Y-m-d'));
            }
        }

        return $watched;
    }

    /** @param array<string, float> $days °F by date */
    private static function watch(Water $water, array $days, string $today): SeasonWatchDocument
    {
        return new SeasonWatchDocument(
            $water->id(),
            $water->title(),
            array_map(
                static fn (string $date, float $warmth): WarmthDocument => new WarmthDocument($date, $warmth),
                array_keys($days),
                $days,
            ),
            array_map(static fn (MomentSeen $one): SeasonMomentDocument => SeasonMomentDocument::of($one), SeasonWatch::moments($days)),
            array_map(
                static fn (MomentNotice $one): SeasonNoticeDocument => SeasonNoticeDocument::of($one),
                SeasonWatch::notices($days, $today),
            ),
        );
    }
}
