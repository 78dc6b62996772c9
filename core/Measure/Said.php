<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/**
 * Sentences whose quantities are said in the units that whoever reads them has chosen. A quantity stands between ‹ and ›, its numbers in
 * the trade's own unit; behind a bar may stand how that is said in those: "Pitch ‹30 to 50 ft›", "‹12 in|A foot› and more".
 */
final class Said
{
    public const BEGINS = '‹';
    private const ENDS = '›';
    private const UNITS = 'in|ft|oz|lb|°F|F°';
    private const QUANTITY = '/‹([^‹›|]+) ('.self::UNITS.')(?:\|([^‹›]+))?›/u';
    /** A hyphen before a number is a minus where no number stands before it. */
    private const NUMBER = '~(?:(?<!\d)-)?(?:(?:(\d+)-)?(\d+)/(\d+)|\d+(?:\.\d+)?)~';
    private const MM_PER_M = 1000;
    private const MM_PER_CM = 10;
    private const STEP_CM = 5;
    private const OUNCES_PER_POUND = 16;
    private const GRAMS_PER_KG = 1000;

    /** A quantity as it stands in a sentence: 3/8 oz. */
    public static function mark(string $quantity): string
    {
        return self::BEGINS.$quantity.self::ENDS;
    }

    /** Numbers with their unit, marked where that is one of the trade's; "" is no unit. */
    public static function of(string $numbers, string $unit): string
    {
        $quantity = rtrim("$numbers $unit");

        return \in_array($unit, explode('|', self::UNITS), true) ? self::mark($quantity) : $quantity;
    }

    public static function in(string $sentence, Units $units): string
    {
        return str_contains($sentence, self::BEGINS)
            ? (string) preg_replace_callback(self::QUANTITY, static fn (array $of): string => match ($units) {
                Units::Us => $of[3] ?? $of[1].' '.('F°' === $of[2] ? '°F' : $of[2]),
                Units::Metric => self::metric($of[1], $of[2]),
            }, $sentence)
            : $sentence;
    }

    /** @param string $numbers with words between them: 3/8 to 1/2 */
    private static function metric(string $numbers, string $unit): string
    {
        preg_match_all(self::NUMBER, $numbers, $all);
        [$places, $per, $shown] = self::scale($unit, max(0.0, ...array_map(self::value(...), $all[0])));

        return preg_replace_callback(
            self::NUMBER,
            static fn (array $one): string => (string) round($per(self::value($one[0])), $places),
            $numbers,
        ).' '.$shown;
    }

    /**
     * @param float $most the largest number it is for: one unit is for all
     *
     * @return array{int, \Closure(float): float, string} decimal places, from the trade's unit, the unit it is in then
     */
    private static function scale(string $unit, float $most): array
    {
        return match ($unit) {
            'oz' => [0, static fn (float $one): float => Weight::ounces($one)->inGrams(), 'g'],
            'lb' => [
                1,
                static fn (float $one): float => Weight::ounces($one * self::OUNCES_PER_POUND)->inGrams() / self::GRAMS_PER_KG,
                'kg',
            ],
            '°F' => [0, static fn (float $one): float => Temperature::fahrenheit($one)->inCelsius(), '°C'],
            'F°' => [0, static fn (float $one): float => TemperatureChange::fahrenheit($one)->inCelsius(), '°C'],
            'ft' => self::length(Length::feet(...), $most, true),
            default => self::length(Length::inches(...), $most, false),
        };
    }

    /**
     * As one says it: a rod in meters, a trailer in centimeters, a bead in millimeters.
     *
     * @param \Closure(float): Length $from
     * @param bool                    $isRough what is told in feet is meant no closer than to five centimeters
     *
     * @return array{int, \Closure(float): float, string}
     */
    private static function length(\Closure $from, float $most, bool $isRough): array
    {
        $longest = $from($most)->inMillimetres();
        [$places, $unit, $shown] = match (true) {
            $longest >= 20 * self::MM_PER_M => [0, self::MM_PER_M, 'm'],
            $isRough && $longest >= self::MM_PER_M => [1, self::MM_PER_M, 'm'],
            $isRough => [0, self::MM_PER_CM, 'cm'],
            $longest >= 1.5 * self::MM_PER_M => [2, self::MM_PER_M, 'm'],
            $longest >= 20 * self::MM_PER_CM => [0, self::MM_PER_CM, 'cm'],
            $longest >= 3 * self::MM_PER_CM => [1, self::MM_PER_CM, 'cm'],
            default => [$longest < 3 ? 1 : 0, 1, 'mm'],
        };
        $step = $isRough && self::MM_PER_CM === $unit ? self::STEP_CM : null;

        return [
            $places,
            static function (float $one) use ($from, $unit, $step): float {
                $value = $from($one)->inMillimetres() / $unit;

                return null === $step ? $value : $step * round($value / $step);
            },
            $shown,
        ];
    }

    /** 2, 2.5, 3/8 or 1-1/4 */
    private static function value(string $number): float
    {
        preg_match(self::NUMBER, $number, $parts);

        if (!isset($parts[3])) {
            return (float) $number;
        }
        $value = (float) $parts[1] + (float) $parts[2] / (float) $parts[3];

        return str_starts_with($number, '-') ? -$value : $value;
    }
}
