<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Measure\Length;

/** How far one sees in a water on its dirty days, as a rule, and on its clear ones, from what was noted there. */
final readonly class OwnSights
{
    /** Fewer days than this say nothing of a water. (Chosen.) */
    public const LEAST_DAYS = 5;
    /** One day in ten is dirtier than low, one in ten clearer than high. (Chosen.) */
    private const SHARES = [0.1, 0.5, 0.9];

    private function __construct(public Length $low, public Length $usual, public Length $high)
    {
    }

    /**
     * @param list<float> $inches one a day, in any order
     *
     * @return self|null null where they are too few
     */
    public static function of(array $inches): ?self
    {
        if (\count($inches) < self::LEAST_DAYS) {
            return null;
        }
        sort($inches);
        $last = \count($inches) - 1;
        [$low, $usual, $high] = array_map(static function (float $share) use ($inches, $last): Length {
            // Between the two days that lie on either side of the share.
            $at = $share * $last;
            $before = (int) floor($at);
            $after = min($last, $before + 1);

            return Length::inches($inches[$before] + ($at - $before) * ($inches[$after] - $inches[$before]));
        }, self::SHARES);

        return new self($low, $usual, $high);
    }
}
