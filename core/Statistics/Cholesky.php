<?php

declare(strict_types=1);

namespace Kontrast\Statistics;

/** A symmetric positive definite matrix as the product of a triangle and its transpose. */
final readonly class Cholesky
{
    private const TINY = 1e-12;

    /** @param array<int, array<int, float>> $rows of the lower triangle, each up to the diagonal */
    private function __construct(private array $rows)
    {
    }

    /** @param array<int, array<int, float>> $matrix rows of the lower triangle, each up to the diagonal */
    public static function of(array $matrix): self
    {
        $rows = [];
        foreach ($matrix as $i => $given) {
            $own = [];
            for ($j = 0; $j < $i; ++$j) {
                $other = $rows[$j];
                $sum = $given[$j];
                for ($k = 0; $k < $j; ++$k) {
                    $sum -= $own[$k] * $other[$k];
                }
                $own[] = $sum / $other[$j];
            }
            $left = $given[$i];
            foreach ($own as $one) {
                $left -= $one * $one;
            }
            $own[] = sqrt(max(self::TINY, $left));
            $rows[] = $own;
        }

        return new self($rows);
    }

    /**
     * @param array<int, float> $right
     *
     * @return array<int, float> what the matrix turns into the right side
     */
    public function solve(array $right): array
    {
        $size = \count($this->rows);
        $x = [];
        foreach ($this->rows as $i => $row) {
            $sum = $right[$i];
            for ($k = 0; $k < $i; ++$k) {
                $sum -= $row[$k] * $x[$k];
            }
            $x[] = $sum / $row[$i];
        }
        for ($i = $size - 1; $i >= 0; --$i) {
            $x[$i] /= $this->rows[$i][$i];
            for ($k = 0; $k < $i; ++$k) {
                $x[$k] -= $this->rows[$i][$k] * $x[$i];
            }
        }

        return $x;
    }

    /** @return array<int, float> the diagonal of the inverse */
    public function inverseDiagonal(): array
    {
        $sums = array_fill(0, \count($this->rows), 0.0);
        foreach ($this->inverseTriangle() as $row) {
            foreach ($row as $j => $value) {
                $sums[$j] += $value * $value;
            }
        }

        return $sums;
    }

    /** @return array<int, array<int, float>> the inverse, whole rows */
    public function inverse(): array
    {
        $size = \count($this->rows);
        $inverse = array_fill(0, $size, array_fill(0, $size, 0.0));
        foreach ($this->inverseTriangle() as $row) {
            foreach ($row as $i => $value) {
                for ($j = 0; $j <= $i; ++$j) {
                    $inverse[$i][$j] += $value * $row[$j];
                }
            }
        }
        for ($i = 0; $i < $size; ++$i) {
            for ($j = 0; $j < $i; ++$j) {
                $inverse[$j][$i] = $inverse[$i][$j];
            }
        }

        return $inverse;
    }

    /** @return array<int, non-empty-array<int, float>> rows of the inverse of the triangle */
    private function inverseTriangle(): array
    {
        $inverse = [];
        foreach ($this->rows as $i => $row) {
            $own = [];
            for ($j = 0; $j < $i; ++$j) {
                $own[$j] = 0.0;
            }
            for ($k = 0; $k < $i; ++$k) {
                $by = -$row[$k] / $row[$i];
                $other = $inverse[$k];
                for ($j = 0; $j <= $k; ++$j) {
                    $own[$j] += $by * $other[$j];
                }
            }
            $own[$i] = 1 / $row[$i];
            $inverse[] = $own;
        }

        return $inverse;
    }
}
