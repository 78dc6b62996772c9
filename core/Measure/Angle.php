<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/** An angle, held in degrees. */
final readonly class Angle
{
    private function __construct(private float $degrees)
    {
    }

    public static function degrees(float $degrees): self
    {
        return is_finite($degrees) ? new self($degrees) : throw NotAMeasure::notFinite('angle');
    }

    public function inDegrees(): float
    {
        return $this->degrees;
    }

    public function sine(): float
    {
        return sin(deg2rad($this->degrees));
    }

    public function cosine(): float
    {
        return cos(deg2rad($this->degrees));
    }
}
