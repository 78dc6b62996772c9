<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Xyz;

/**
 * How far a person's eye gets used to a coloured light: von Kries scaling of the CAT02 responses of CIE 159:2004 (CIECAM02),
 * towards D65, to a degree.
 */
final readonly class Adaptation
{
    /** Degree of adaptation; 1 would make white look white in any water, 0 leave it all its colour. (Chosen.) */
    private const DEGREE = 0.5;

    /** No cone can be turned up further: where the water has taken its light there is nothing to get used to. (Chosen.) */
    private const MOST_GAIN = 2.0;

    /** @param array{float, float, float} $gains for long, middle and short */
    private function __construct(private array $gains)
    {
    }

    /** To the white of a light, whatever its brightness. */
    public static function to(Xyz $white): self
    {
        $here = self::responses($white->scaled(1 / $white->y));
        $there = self::responses(Xyz::d65());
        $gain = static fn (float $there, float $here): float => min(
            self::MOST_GAIN,
            self::DEGREE * $there / max($here, 1e-6) + 1 - self::DEGREE,
        );

        return new self([$gain($there[0], $here[0]), $gain($there[1], $here[1]), $gain($there[2], $here[2])]);
    }

    public function adapt(Xyz $colour): Xyz
    {
        [$l, $m, $s] = self::responses($colour);
        $l *= $this->gains[0];
        $m *= $this->gains[1];
        $s *= $this->gains[2];

        return new Xyz(
            1.096124 * $l - 0.278869 * $m + 0.182745 * $s,
            0.454369 * $l + 0.473533 * $m + 0.072098 * $s,
            -0.009628 * $l - 0.005698 * $m + 1.015326 * $s,
        );
    }

    /** @return array{float, float, float} */
    private static function responses(Xyz $colour): array
    {
        return [
            0.7328 * $colour->x + 0.4296 * $colour->y - 0.1624 * $colour->z,
            -0.7036 * $colour->x + 1.6975 * $colour->y + 0.0061 * $colour->z,
            0.0030 * $colour->x + 0.0136 * $colour->y + 0.9834 * $colour->z,
        ];
    }
}
