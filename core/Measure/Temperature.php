<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/**
 * A temperature on a thermometer, held in °F as the trade speaks; °C = (°F − 32) · 5/9.
 */
final readonly class Temperature
{
    private function __construct(private float $fahrenheit)
    {
    }

    public static function fahrenheit(float $degrees): self
    {
        return is_finite($degrees) ? new self($degrees) : throw NotAMeasure::notFinite('temperature');
    }

    public static function celsius(float $degrees): self
    {
        return self::fahrenheit($degrees * 9 / 5 + 32);
    }

    public function inFahrenheit(): float
    {
        return $this->fahrenheit;
    }

    public function inCelsius(): float
    {
        return ($this->fahrenheit - 32) * 5 / 9;
    }
}
