<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Xyz;

/** How far a person's eye gets used to a colored light: von Kries scaling of the CAT16 responses (Li et al. 2017), towards D65. */
final readonly class Adaptation
{
    /** No cone can be turned up further: where the water has taken its light there is nothing to get used to. (Chosen.) */
    private const MOST_GAIN = 10.0;

    private const TO_CONES = [
        [0.401288, 0.650173, -0.051461],
        [-0.250268, 1.204414, 0.045854],
        [-0.002079, 0.048952, 0.953127],
    ];
    /** The inverse of the matrix above. */
    private const FROM_CONES = [
        [1.8620678550872327, -1.0112546305316843, 0.14918677544445175],
        [0.38752654323613717, 0.6214474419314753, -0.008973985167612518],
        [-0.015841498849333856, -0.03412293802851557, 1.0499644368778496],
    ];

    /**
     * @param array{float, float, float} $gains for long, middle and short
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $matrix what they make of XYZ
     */
    private function __construct(private array $gains, private array $matrix)
    {
    }

    /**
     * To the white of a light, whatever its brightness.
     *
     * @param float $degree D, 0 for an eye that gets used to nothing, 1 for one to which a white card is white
     */
    public static function to(Xyz $white, float $degree): self
    {
        $here = self::times(self::TO_CONES, $white->scaled(1 / max($white->y, 1e-12)));
        $there = self::times(self::TO_CONES, Xyz::d65());
        $gain = static fn (int $i): float => min(self::MOST_GAIN, $degree * $there[$i] / max($here[$i], 1e-6) + 1 - $degree);

        $gains = [$gain(0), $gain(1), $gain(2)];
        $through = static fn (int $row, int $column): float => self::FROM_CONES[$row][0] * $gains[0] * self::TO_CONES[0][$column]
            + self::FROM_CONES[$row][1] * $gains[1] * self::TO_CONES[1][$column]
            + self::FROM_CONES[$row][2] * $gains[2] * self::TO_CONES[2][$column];
        $row = static fn (int $row): array => [$through($row, 0), $through($row, 1), $through($row, 2)];

        return new self($gains, [$row(0), $row(1), $row(2)]);
    }

    /** D of CIECAM16 in a dim surround, by the luminance that the eye is used to, cd/m². */
    public static function degree(float $luminance): float
    {
        return 0.9 * (1 - exp(-($luminance + 42) / 92) / 3.6);
    }

    public function adapt(Xyz $colour): Xyz
    {
        return new Xyz(...self::times($this->matrix, $colour));
    }

    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $matrix
     *
     * @return array{float, float, float}
     */
    private static function times(array $matrix, Xyz $of): array
    {
        [$l, $m, $s] = $matrix;

        return [
            $l[0] * $of->x + $l[1] * $of->y + $l[2] * $of->z,
            $m[0] * $of->x + $m[1] * $of->y + $m[2] * $of->z,
            $s[0] * $of->x + $s[1] * $of->y + $s[2] * $of->z,
        ];
    }

    /** @return array{float, float, float} how much each response is turned up: long, middle, short */
    public function gains(): array
    {
        return $this->gains;
    }
}
