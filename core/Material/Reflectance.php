<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Water\Grid;
use Kontrast\Water\Spectrum;

/**
 * A smooth reflectance that looks like a given colour under D65: the three-coefficient sigmoid of Jakob & Hanika 2019,
 * R(λ) = 1/2 + x / (2√(1 + x²)) with x a quadratic in λ, its coefficients found by damped least squares in CIELAB.
 */
final class Reflectance
{
    /** Good enough to be the same colour to any eye, ΔE*ab. */
    private const CLOSE = 0.01;
    private const MOST_STEPS = 60;
    /** Where the way straight to a colour is too steep it is walked from grey in this many stages. */
    private const STAGES = 8;

    private const MOST_REMEMBERED = 8192;

    /** @var array<string, Spectrum> by its channels: a bin has far fewer colours than parts */
    private static array $found = [];
    /** @var array<string, array{float, float, float}> by its channels: fits made now or recalled from before */
    private static array $fits = [];

    public static function of(Srgb $colour): Spectrum
    {
        if (\count(self::$found) >= self::MOST_REMEMBERED) {
            self::$found = [];
        }
        $key = $colour->red.' '.$colour->green.' '.$colour->blue;

        return self::$found[$key] ??= self::sigmoid(self::$fits[$key] ??= self::find($colour));
    }

    /**
     * Every fit known so far, for whoever can keep them longer than this process lives.
     *
     * @return array<string, array{float, float, float}>
     */
    public static function fits(): array
    {
        return self::$fits;
    }

    /** @param array<string, array{float, float, float}> $fits as fits() gave them */
    public static function recall(array $fits): void
    {
        self::$fits += $fits;
    }

    /** @return array{float, float, float} the sigmoid's coefficients */
    private static function find(Srgb $colour): array
    {
        $target = $colour->toLab();
        $grey = self::startFor($target);
        [$c, $miss] = self::fit($target, $grey);
        if ($miss > self::CLOSE) {
            $c = $grey;
            for ($stage = 1; $stage <= self::STAGES; ++$stage) {
                $share = $stage / self::STAGES;
                [$c] = self::fit(new Lab($target->l, $target->a * $share, $target->b * $share), $c);
            }
            [$c] = self::fit($target, $c);
        }

        return $c;
    }

    /** @param array{float, float, float} $c */
    private static function sigmoid(array $c): Spectrum
    {
        $samples = [];
        for ($i = 0; $i < Grid::SAMPLES; ++$i) {
            // λ from −1 at 400 nm to 1 at 700 nm keeps the three coefficients of a size.
            $t = 2 * $i / (Grid::SAMPLES - 1) - 1;
            $x = ($c[0] * $t + $c[1]) * $t + $c[2];
            $samples[] = 0.5 + $x / (2 * sqrt(1 + $x * $x));
        }

        return Spectrum::of($samples);
    }

    /** @return array{float, float, float} the flat reflectance of the same lightness */
    private static function startFor(Lab $target): array
    {
        $f = ($target->l + 16) / 116;
        $reflectance = max(0.002, min(0.998, $target->l > 8 ? $f ** 3 : $target->l * 27 / 24389));
        $u = 2 * $reflectance - 1;

        return [0.0, 0.0, $u / sqrt(1 - $u * $u)];
    }

    /**
     * Levenberg-Marquardt from a start.
     *
     * @param array{float, float, float} $c
     *
     * @return array{array{float, float, float}, float} coefficients and how far they miss, ΔE*ab
     */
    private static function fit(Lab $target, array $c): array
    {
        $damping = 1e-3;
        $at = self::lab($c);
        $miss = $at->distance($target);
        for ($step = 0; $step < self::MOST_STEPS && $miss > self::CLOSE / 4; ++$step) {
            $move = self::step($target, $at, $c, $damping);
            $tried = [$c[0] + $move[0], $c[1] + $move[1], $c[2] + $move[2]];
            $there = self::lab($tried);
            $missThere = $there->distance($target);
            if ($missThere < $miss) {
                [$c, $at, $miss] = [$tried, $there, $missThere];
                $damping = max(1e-9, $damping / 4);
            } else {
                $damping *= 6;
            }
        }

        return [$c, $miss];
    }

    /**
     * Solves (JᵀJ + damping·diag) · move = Jᵀ · residual.
     *
     * @param array{float, float, float} $c
     *
     * @return array{float, float, float}
     */
    private static function step(Lab $target, Lab $at, array $c, float $damping): array
    {
        $residual = [$target->l - $at->l, $target->a - $at->a, $target->b - $at->b];
        $u = self::slope($at, $c, 0);
        $v = self::slope($at, $c, 1);
        $w = self::slope($at, $c, 2);

        return self::solve(
            [self::stiff($u, $damping), self::dot($u, $v), self::dot($u, $w)],
            [self::dot($v, $u), self::stiff($v, $damping), self::dot($v, $w)],
            [self::dot($w, $u), self::dot($w, $v), self::stiff($w, $damping)],
            [self::dot($u, $residual), self::dot($v, $residual), self::dot($w, $residual)],
        );
    }

    /** @param array{float, float, float} $slope */
    private static function stiff(array $slope, float $damping): float
    {
        return self::dot($slope, $slope) * (1 + $damping) + 1e-12;
    }

    /**
     * How the colour moves with one coefficient.
     *
     * @param array{float, float, float} $c
     *
     * @return array{float, float, float} in L*, a*, b*
     */
    private static function slope(Lab $at, array $c, int $k): array
    {
        $h = 1e-5 * max(1.0, abs([$c[0], $c[1], $c[2]][$k]));
        $there = self::lab([$c[0] + (0 === $k ? $h : 0.0), $c[1] + (1 === $k ? $h : 0.0), $c[2] + (2 === $k ? $h : 0.0)]);

        return [($there->l - $at->l) / $h, ($there->a - $at->a) / $h, ($there->b - $at->b) / $h];
    }

    /**
     * Three equations for three unknowns, given row by row (Cramer's rule by cross products).
     *
     * @param array{float, float, float} $p
     * @param array{float, float, float} $q
     * @param array{float, float, float} $r
     * @param array{float, float, float} $right
     *
     * @return array{float, float, float}
     */
    private static function solve(array $p, array $q, array $r, array $right): array
    {
        $qr = self::cross($q, $r);
        $rp = self::cross($r, $p);
        $pq = self::cross($p, $q);
        $whole = self::dot($p, $qr);
        if (abs($whole) < 1e-300) {
            return [0.0, 0.0, 0.0];
        }
        $unknown = static fn (float $a, float $b, float $c): float => ($right[0] * $a + $right[1] * $b + $right[2] * $c) / $whole;

        return [$unknown($qr[0], $rp[0], $pq[0]), $unknown($qr[1], $rp[1], $pq[1]), $unknown($qr[2], $rp[2], $pq[2])];
    }

    /**
     * @param array{float, float, float} $u
     * @param array{float, float, float} $v
     */
    private static function dot(array $u, array $v): float
    {
        return $u[0] * $v[0] + $u[1] * $v[1] + $u[2] * $v[2];
    }

    /**
     * @param array{float, float, float} $u
     * @param array{float, float, float} $v
     *
     * @return array{float, float, float}
     */
    private static function cross(array $u, array $v): array
    {
        return [$u[1] * $v[2] - $u[2] * $v[1], $u[2] * $v[0] - $u[0] * $v[2], $u[0] * $v[1] - $u[1] * $v[0]];
    }

    /** @param array{float, float, float} $c */
    private static function lab(array $c): Lab
    {
        static $white = null;
        $white ??= Xyz::ofReflectance(Spectrum::flat(1.0));
        \assert($white instanceof Xyz);

        return Lab::of(Xyz::ofReflectance(self::sigmoid($c)), $white);
    }
}
