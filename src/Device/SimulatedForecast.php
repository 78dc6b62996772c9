<?php

declare(strict_types=1);

namespace App\Device;

use Kontrast\Reading\Sky;
use Kontrast\Reading\Wind;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a forecast service: made-up weather for a place and a date, the same each time it is asked. Its answer is the document that
 * docs/services.md describes. A day is of one of a few kinds; every three hours its chances shift a little, and it warms until the
 * afternoon.
 */
final class SimulatedForecast
{
    public const VERSION = 1;
    public const HOURS = 24;
    private const BLOCK_H = 3;
    /** Kinds of day: chances of the skies, and of the winds. (All chosen.) */
    private const DAYS = [
        [['sun' => 12, 'broken' => 6, 'overcast' => 2], ['calm' => 9, 'ripple' => 9, 'chop' => 2]],
        [['broken' => 11, 'sun' => 5, 'overcast' => 4], ['calm' => 4, 'ripple' => 11, 'chop' => 5]],
        [['overcast' => 13, 'broken' => 4, 'rain' => 3], ['calm' => 6, 'ripple' => 10, 'chop' => 4]],
        [['rain' => 10, 'overcast' => 8, 'storm' => 2], ['calm' => 2, 'ripple' => 9, 'chop' => 9]],
    ];
    private const TWENTIETHS = 20;
    /** Mean air temperature of a year at the equator, its fall per degree of latitude, and half its swing per degree, °F. (Chosen.) */
    private const MEAN_F = 82.0;
    private const PER_DEGREE_F = 0.85;
    private const SWING_F = 0.62;
    private const DAILY_F = 9.0;
    private const SURE_F = 4.0;
    private const WARMEST_HOUR = 15;
    private const WARMEST_DAY = 200;

    /**
     * @param float $latitude  degrees
     * @param float $longitude degrees
     *
     * @return array<string, mixed>
     */
    public static function forecast(float $latitude, float $longitude, \DateTimeImmutable $date): array
    {
        $day = $date->format('Y-m-d');
        $dice = new Randomizer(new Mt19937(crc32(\sprintf('%.1f %.1f %s', $latitude, $longitude, $day))));
        [$sky, $wind] = self::DAYS[$dice->getInt(0, \count(self::DAYS) - 1)];
        $warmer = $dice->getInt(-80, 80) / 10;
        $hours = [];
        for ($hour = 0; $hour < self::HOURS; ++$hour) {
            if (0 === $hour % self::BLOCK_H && $hour > 0) {
                [$sky, $wind] = [self::shifted($sky, $dice), self::shifted($wind, $dice)];
            }
            $likely = self::airAt($latitude, (int) $date->format('z'), $hour) + $warmer;
            $hours[] = [
                'hour' => $hour,
                'sky' => self::chances($sky, 'sky', array_map(static fn (Sky $one): string => $one->value, Sky::cases())),
                'wind' => self::chances($wind, 'wind', array_map(static fn (Wind $one): string => $one->value, Wind::cases())),
                'air_f' => ['low' => round($likely - self::SURE_F), 'likely' => round($likely), 'high' => round($likely + self::SURE_F)],
            ];
        }

        return ['kontrast_forecast' => self::VERSION, 'date' => $day, 'hours' => $hours];
    }

    private static function airAt(float $latitude, int $day, int $hour): float
    {
        $season = cos(2 * \M_PI * ($day - self::WARMEST_DAY) / 365) * ($latitude < 0 ? -1 : 1);

        return self::MEAN_F - self::PER_DEGREE_F * abs($latitude) + self::SWING_F * abs($latitude) * $season
            + self::DAILY_F * cos(2 * \M_PI * ($hour - self::WARMEST_HOUR) / 24);
    }

    /**
     * @param non-empty-array<string, int> $twentieths
     *
     * @return non-empty-array<string, int> one of them a little likelier at the cost of another
     */
    private static function shifted(array $twentieths, Randomizer $dice): array
    {
        [$from, $to] = $dice->pickArrayKeys($twentieths, 2);
        $by = min($twentieths[$from], $dice->getInt(0, 5));
        $twentieths[$from] -= $by;
        $twentieths[$to] += $by;

        return $twentieths;
    }

    /**
     * @param array<string, int> $twentieths
     * @param list<string>       $order
     *
     * @return list<array<string, float|string>>
     */
    private static function chances(array $twentieths, string $what, array $order): array
    {
        $chances = [];
        foreach ($order as $word) {
            if (($twentieths[$word] ?? 0) > 0) {
                $chances[] = [$what => $word, 'chance' => $twentieths[$word] / self::TWENTIETHS];
            }
        }

        return $chances;
    }
}
