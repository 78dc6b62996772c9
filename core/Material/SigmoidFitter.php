<?php

declare(strict_types=1);

namespace Kontrast\Material;

use Kontrast\Water\Spectrum;

/**
 * Finds the smooth reflectance that looks like a given colour under D65: the three coefficients of Jakob & Hanika's 2019
 * sigmoid, by damped least squares in CIELAB.
 */
final readonly class SigmoidFitter implements ReflectanceFitter
{
    /** Good enough to be the same colour to any eye, ΔE*ab. */
    private const CLOSE = 0.01;
    private const MOST_STEPS = 60;
    /** Where the way straight to a colour is too steep it is walked from grey in this many stages. */
    private const STAGES = 8;

    private Xyz $white;

    public function __construct()
    {
        $this->white = Xyz::ofReflectance(Spectrum::flat(1.0));
    }

    public function fit(Srgb $colour): SigmoidReflectance
    {
        return SigmoidReflectance::of($this->find($colour));
    }

    /** @return array{float, float, float} the sigmoid's coefficients */
    private function find(Srgb $colour): array
    {
        $target = $colour->toLab();
        $grey = self::startFor($target);
        [$c, $miss] = $this->descend($target, $grey);
        if ($miss > self::CLOSE) {
            $c = $grey;
            for ($stage = 1; $stage <= self::STAGES; ++$stage) {
                $share = $stage / self::STAGES;
                [$c] = $this->descend(new Lab($target->l, $target->a * $share, $target->b * $share), $c);
            }
            [$c] = $this->descend($target, $c);
        }

        return $c;
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
    private function descend(Lab $target, array $c): array
    {
        $damping = 1e-3;
        $at = $this->lab($c);
        $miss = $at->distance($target);
        for ($step = 0; $step < self::MOST_STEPS && $miss > self::CLOSE / 4; ++$step) {
            $move = $this->step($target, $at, $c, $damping);
            $tried = [$c[0] + $move[0], $c[1] + $move[1], $c[2] + $move[2]];
            $there = $this->lab($tried);
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
    private function step(Lab $target, Lab $at, array $c, float $damping): array
    {
        $residual = [$target->l - $at->l, $target->a - $at->a, $target->b - $at->b];
        $u = $this->slope($at, $c, 0);
        $v = $this->slope($at, $c, 1);
        $w = $this->slope($at, $c, 2);

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
    private function slope(Lab $at, array $c, int $k): array
    {
        $h = 1e-5 * max(1.0, abs([$c[0], $c[1], $c[2]][$k]));
        $there = $this->lab([$c[0] + (0 === $k ? $h : 0.0), $c[1] + (1 === $k ? $h : 0.0), $c[2] + (2 === $k ? $h : 0.0)]);

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
    private function lab(array $c): Lab
    {
        return Lab::of(Xyz::ofReflectance(SigmoidReflectance::of($c)->spectrum), $this->white);
    }
}
