<?php

declare(strict_types=1);

namespace Tests\core\Sun;

use Kontrast\Sun\NotAPlace;
use Kontrast\Sun\Place;
use Kontrast\Sun\SunDay;
use Kontrast\Sun\SunPosition;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The sun against astronomy-engine and suncalc (npm), frozen by tests/reference/sun.js, and against a worked example. */
final class SunTest extends TestCase
{
    private const FILE = __DIR__.'/../../reference/data/sun.json';

    /**
     * @var array{
     *     heights: list<array{latitude: float, longitude: float, at: string, height: float}>,
     *     days: list<array{latitude: float, longitude: float, date: string, rise: string|null, set: string|null}>,
     * }
     */
    private array $known;

    protected function setUp(): void
    {
        /**
         * @var array{
         *     heights: list<array{latitude: float, longitude: float, at: string, height: float}>,
         *     days: list<array{latitude: float, longitude: float, date: string, rise: string|null, set: string|null}>,
         * } $known
         */
        $known = json_decode((string) file_get_contents(self::FILE), true, 512, \JSON_THROW_ON_ERROR);
        $this->known = $known;
    }

    public function testTheHeightIsThatOfAstronomyEngineWithinATenthOfADegree(): void
    {
        self::assertCount(500, $this->known['heights']);
        foreach ($this->known['heights'] as $one) {
            $place = Place::at($one['latitude'], $one['longitude'], 'UTC');
            self::assertEqualsWithDelta($one['height'], SunPosition::height($place, new \DateTimeImmutable($one['at'])), 0.1, $one['at']);
        }
    }

    public function testRiseAndSetAreThoseOfSuncalcWithinTwoMinutes(): void
    {
        $polar = 0;
        foreach ($this->known['days'] as $day) {
            $place = Place::at($day['latitude'], $day['longitude'], 'UTC');
            $sun = SunDay::of($place, $day['date']);
            if (null === $day['rise'] || null === $day['set']) {
                ++$polar;
                continue;
            }
            // Within a grazing day, where the sun barely crosses the horizon, a hundredth of a degree is many minutes.
            if (abs($sun->height($sun->noon())) < 2) {
                continue;
            }
            foreach (['rise' => $sun->rise(), 'set' => $sun->set()] as $what => $found) {
                $known = new \DateTimeImmutable($day[$what]);
                if ($known->format('Y-m-d') !== $day['date']) {
                    continue;
                }
                self::assertNotNull($found, "$what {$day['date']}");
                self::assertEqualsWithDelta($known->getTimestamp(), $found->getTimestamp(), 120, "$what {$day['latitude']} {$day['date']}");
            }
        }
        self::assertGreaterThan(3, $polar);
    }

    #[TestWith(['2026-06-21', 70.0, true])]
    #[TestWith(['2026-12-21', 70.0, false])]
    #[TestWith(['2026-12-21', -75.0, true])]
    #[TestWith(['2026-06-21', -75.0, false])]
    public function testInPolarDayAndNightNothingRisesOrSets(string $date, float $latitude, bool $isDay): void
    {
        $sun = SunDay::of(Place::at($latitude, 25, 'UTC'), $date);
        self::assertNull($sun->rise());
        self::assertNull($sun->set());
        self::assertSame($isDay, $sun->height($sun->noon()) > 0);
    }

    /** A day on which the clock changes has 23 hours, and noon by the sun moves by the hour that was skipped. */
    public function testDaylightSavingIsThatOfTheTimeZoneDatabase(): void
    {
        $place = Place::at(45.0, -89.5, 'America/Chicago');
        $before = SunDay::of($place, '2026-03-07')->noon();
        $after = SunDay::of($place, '2026-03-08')->noon();
        self::assertSame('CST', $before->format('T'));
        self::assertSame('CDT', $after->format('T'));
        self::assertEqualsWithDelta(86400, $after->getTimestamp() - $before->getTimestamp(), 60);
        self::assertEqualsWithDelta(60, ((int) $after->format('G') * 60 + (int) $after->format('i'))
            - ((int) $before->format('G') * 60 + (int) $before->format('i')), 1);
    }

    public function testACrossingIsTheMomentAtWhichTheHeightIsReached(): void
    {
        $sun = SunDay::of(Place::at(46.2, -91.0, 'America/Chicago'), '2026-05-09');
        foreach ([0.0, 12.0, 30.0] as $degrees) {
            foreach ([true, false] as $isRising) {
                $at = $sun->crossing($degrees, $isRising);
                self::assertNotNull($at);
                self::assertEqualsWithDelta($degrees, $sun->height($at), 0.01);
                self::assertSame($isRising, $sun->height($at->modify('+5 minutes')) > $degrees);
            }
        }
        self::assertNull($sun->crossing(80, true));
    }

    #[TestWith([91.0, 0.0, 'UTC', 'not on the earth'])]
    #[TestWith([0.0, 181.0, 'UTC', 'not on the earth'])]
    #[TestWith([45.0, -90.0, 'Middle/Nowhere', 'not a time zone'])]
    public function testAPlaceThatIsNoneIsRefused(float $latitude, float $longitude, string $zone, string $says): void
    {
        $this->expectException(NotAPlace::class);
        $this->expectExceptionMessage($says);
        Place::at($latitude, $longitude, $zone);
    }
}
