<?php

declare(strict_types=1);

namespace Kontrast\Water;

/** A quantity at each wavelength of the grid. */
final readonly class Spectrum
{
    /** @param list<float> $samples one a wavelength of the grid */
    private function __construct(public array $samples)
    {
    }

    /** @param list<float> $samples */
    public static function of(array $samples): self
    {
        return Grid::SAMPLES === \count($samples)
            ? new self($samples)
            : throw new \LengthException('A spectrum has '.Grid::SAMPLES.' samples.');
    }

    /** @param callable(float): float $at of the wavelength in nm */
    public static function from(callable $at): self
    {
        return new self(array_map($at, Grid::wavelengths()));
    }

    public static function flat(float $value): self
    {
        return new self(array_fill(0, Grid::SAMPLES, $value));
    }

    /** @param callable(float): float $change */
    public function map(callable $change): self
    {
        return new self(array_map($change, $this->samples));
    }

    /** @param callable(float, float): float $join */
    public function with(self $other, callable $join): self
    {
        return new self(array_map($join, $this->samples, $other->samples));
    }

    public function plus(self $other): self
    {
        $sum = [];
        foreach ($this->samples as $i => $sample) {
            $sum[] = $sample + $other->samples[$i];
        }

        return new self($sum);
    }

    public function times(self $other): self
    {
        $product = [];
        foreach ($this->samples as $i => $sample) {
            $product[] = $sample * $other->samples[$i];
        }

        return new self($product);
    }

    public function scaled(float $factor): self
    {
        $scaled = [];
        foreach ($this->samples as $sample) {
            $scaled[] = $sample * $factor;
        }

        return new self($scaled);
    }

    /** Σ this · other over the samples. */
    public function dot(self $other): float
    {
        $sum = 0.0;
        foreach ($this->samples as $i => $sample) {
            $sum += $sample * $other->samples[$i];
        }

        return $sum;
    }

    public function sum(): float
    {
        return array_sum($this->samples);
    }

    /** The mean of this, each wavelength counting by its weight. */
    public function mean(self $weights): float
    {
        return $this->dot($weights) / $weights->sum();
    }
}
