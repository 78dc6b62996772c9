<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** Follows the surface temperature of a water through a year and marks its moments (W11). */
final readonly class SeasonWatch
{
    private const FIFTY_F = 50.0;
    private const SIXTY_F = 60.0;
    private const RISE_F = 4.0;
    private const RISE_DAYS = 3;
    /** The quick rise of late winter starts around here and is no longer one above. */
    private const RISE_FROM_F = 38.0;
    private const RISE_TO_F = 50.0;
    /** So close to a moment, and moving toward it, it is near. (Chosen.) */
    private const NEAR_F = 3.0;
    /** Days that a moment is news. (Chosen.) */
    private const NEWS_DAYS = 10;
    private const MIDSUMMER = '-07-15';

    /**
     * @param array<string, float> $days °F by date, such as 2026-05-09, in order; one a day
     *
     * @return list<MomentSeen> in order of date
     */
    public static function moments(array $days): array
    {
        $seen = [];
        $before = null;
        foreach ($days as $date => $warmth) {
            $year = substr($date, 0, 4);
            $isSpring = $date < $year.self::MIDSUMMER;
            $wasWarm = isset($seen["$year sixty"]) || ($before ?? 0.0) >= self::SIXTY_F;
            if ($isSpring && $warmth >= self::FIFTY_F) {
                $seen["$year fifty"] ??= new MomentSeen(Moment::FirstFifty, $date, $warmth);
            }
            if ($isSpring && $warmth >= self::SIXTY_F) {
                $seen["$year sixty"] ??= new MomentSeen(Moment::LowSixties, $date, $warmth);
            }
            if (!$isSpring && $wasWarm && $warmth < self::SIXTY_F && $warmth >= self::FIFTY_F) {
                $seen["$year fall"] ??= new MomentSeen(Moment::BackInFifties, $date, $warmth);
            }
            if ($isSpring && self::roseTo($days, $date, $warmth)) {
                $seen["$year rise"] ??= new MomentSeen(Moment::QuickRise, $date, $warmth);
            }
            $before = $warmth;
        }
        usort($seen, static fn (MomentSeen $a, MomentSeen $b): int => $a->date <=> $b->date);

        return $seen;
    }

    /**
     * What is worth a notice today: a moment that came in the last days, or one that is near and coming nearer.
     *
     * @param array<string, float> $days as above
     *
     * @return list<MomentNotice>
     */
    public static function notices(array $days, string $today): array
    {
        $notices = [];
        $since = self::daysBefore($today, self::NEWS_DAYS);
        $recent = array_filter($days, static fn (string $date): bool => $date >= $since && $date <= $today, \ARRAY_FILTER_USE_KEY);
        foreach (self::moments($days) as $seen) {
            if ($seen->date >= $since && $seen->date <= $today) {
                $notices[] = new MomentNotice($seen->moment, true, $seen->date, $seen->fahrenheit);
            }
        }
        $last = array_key_last($recent);
        if (null === $last || \count($recent) < 2) {
            return $notices;
        }
        $now = $recent[$last];
        $trend = $now - reset($recent);
        $came = array_map(static fn (MomentSeen $one): string => substr($one->date, 0, 4).$one->moment->value, self::moments($days));
        foreach (self::ahead($today) as [$moment, $mark, $isRising]) {
            $away = $isRising ? $mark - $now : $now - $mark;
            $isComing = $isRising ? $trend > 0 : $trend < 0;
            if ($isComing && $away > 0 && $away <= self::NEAR_F && !\in_array(substr($today, 0, 4).$moment->value, $came, true)) {
                $notices[] = new MomentNotice($moment, false, $last, $now);
            }
        }

        return $notices;
    }

    /** @return list<array{Moment, float, bool}> the moments that may lie ahead, their temperatures, and whether the water warms to it */
    private static function ahead(string $today): array
    {
        return $today < substr($today, 0, 4).self::MIDSUMMER
            ? [[Moment::FirstFifty, self::FIFTY_F, true], [Moment::LowSixties, self::SIXTY_F, true]]
            : [[Moment::BackInFifties, self::SIXTY_F, false]];
    }

    /** @param array<string, float> $days */
    private static function roseTo(array $days, string $date, float $warmth): bool
    {
        $since = self::daysBefore($date, self::RISE_DAYS);
        foreach ($days as $day => $then) {
            $isStart = $day >= $since && $day < $date && $then >= self::RISE_FROM_F - self::RISE_F && $then < self::RISE_TO_F;
            if ($isStart && $warmth - $then >= self::RISE_F) {
                return true;
            }
        }

        return false;
    }

    private static function daysBefore(string $date, int $days): string
    {
        return (new \DateTimeImmutable($date, new \DateTimeZone('UTC')))->modify("-$days days")->format('Y-m-d');
    }
}
