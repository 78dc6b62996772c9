<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/**
 * How far a temperature has moved, held in Fahrenheit degrees; unlike a temperature it has no offset (9 °F of change are 5 °C of change).
 */
final readonly class TemperatureChange
{
    private function __construct(private float $fahrenheit)
    {
    }

    public static function fahrenheit(float $degrees): self
    {
        return is_finite($degrees) ? new self($degrees) : throw NotAMeasure::notFinite('temperature change');
    }

    public function inFahrenheit(): float
    {
        return $this->fahrenheit;
    }

    public function inCelsius(): float
    {
        return $this->fahrenheit * 5 / 9;
    }
}
