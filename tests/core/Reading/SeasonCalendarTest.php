<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use Kontrast\Reading\Season;
use Kontrast\Reading\SeasonCalendar;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A day's season is proposed from its date and latitude. The table is chosen; Hopkins 1918, from memory. */
final class SeasonCalendarTest extends TestCase
{
    #[TestWith(['2026-12-05', 44.0, Season::Winter])]
    #[TestWith(['2026-01-15', 44.0, Season::Winter])]
    #[TestWith(['2026-03-01', 44.0, Season::LateWinter])]
    #[TestWith(['2026-04-10', 44.0, Season::LateWinter])]
    #[TestWith(['2026-04-11', 44.0, Season::EarlySpring])]
    #[TestWith(['2026-05-09', 44.0, Season::Spring])]
    #[TestWith(['2026-07-04', 44.0, Season::Summer])]
    #[TestWith(['2026-10-01', 44.0, Season::Fall])]
    public function testTheYearAtFortyFourDegreesNorth(string $day, float $latitude, Season $season): void
    {
        self::assertSame($season, SeasonCalendar::propose(new \DateTimeImmutable($day), $latitude));
    }

    /** Four days a degree: spring comes earlier in the south, fall later. */
    public function testTheSeasonsMoveFourDaysADegree(): void
    {
        $begins = static function (Season $season, float $latitude): int {
            for ($i = 0; $i < 365; ++$i) {
                $day = (new \DateTimeImmutable('2026-01-01'))->modify("+$i days");
                if ($season === SeasonCalendar::propose($day, $latitude)) {
                    return $i;
                }
            }

            return -1;
        };
        foreach ([34.0, 40.0, 50.0] as $latitude) {
            $days = (int) (4 * ($latitude - 44));
            self::assertSame($begins(Season::Spring, 44.0) + $days, $begins(Season::Spring, $latitude));
            self::assertSame($begins(Season::Fall, 44.0) - $days, $begins(Season::Fall, $latitude));
        }
    }

    public function testTheSouthHasItsSeasonsHalfAYearApart(): void
    {
        foreach (['2026-01-10' => '2026-07-11', '2026-04-20' => '2026-10-19', '2026-10-01' => '2026-04-02'] as $south => $north) {
            self::assertSame(
                SeasonCalendar::propose(new \DateTimeImmutable($north), 38.0),
                SeasonCalendar::propose(new \DateTimeImmutable($south), -38.0),
            );
        }
    }

    public function testEveryDayHasItsSeasonAndTheyFollowOneAnother(): void
    {
        foreach ([-50.0, -20.0, 0.0, 30.0, 44.0, 60.0, 90.0] as $latitude) {
            $seen = [];
            for ($i = 0; $i < 366; ++$i) {
                $season = SeasonCalendar::propose((new \DateTimeImmutable('2028-01-01'))->modify("+$i days"), $latitude);
                if ($season->value !== end($seen)) {
                    $seen[] = $season->value;
                }
            }
            self::assertLessThanOrEqual(7, \count($seen), "At $latitude each comes once.");
            self::assertCount(6, array_unique($seen));
        }
    }

    public function testItSaysWhereIceIsLikelyAndWhereSeasonsMayBeClosed(): void
    {
        $caution = static fn (string $day, float $latitude): ?string => SeasonCalendar::caution(new \DateTimeImmutable($day), $latitude);
        self::assertStringContainsString('Ice', (string) $caution('2026-12-20', 44.0));
        self::assertStringContainsString('local rules', (string) $caution('2026-12-20', 44.0));
        self::assertStringContainsString('local rules', (string) $caution('2026-05-10', 44.0));
        self::assertNull($caution('2026-07-04', 44.0));
        self::assertNull($caution('2026-12-28', 33.0));
    }
}
