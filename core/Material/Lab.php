<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** A colour in CIELAB, where equal steps look about equally large. CIE 15:2004, section 8.2.1. */
final readonly class Lab
{
    private const EPSILON = 216 / 24389;
    private const KAPPA = 24389 / 27;

    public function __construct(public float $l, public float $a, public float $b)
    {
    }

    public static function of(Xyz $colour, Xyz $white): self
    {
        $fx = self::f($colour->x / $white->x);
        $fy = self::f($colour->y / $white->y);
        $fz = self::f($colour->z / $white->z);

        return new self(116 * $fy - 16, 500 * ($fx - $fy), 200 * ($fy - $fz));
    }

    /** ΔE*ab, the straight distance between two colours. */
    public function distance(self $other): float
    {
        return sqrt(($this->l - $other->l) ** 2 + ($this->a - $other->a) ** 2 + ($this->b - $other->b) ** 2);
    }

    private static function f(float $t): float
    {
        return $t > self::EPSILON ? $t ** (1 / 3) : (self::KAPPA * $t + 16) / 116;
    }
}
