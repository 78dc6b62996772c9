<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/**
 * A length, held in inches as the trade speaks, so that a band's edge is exact. 1 in = 25.4 mm exactly (international yard and pound
 * agreement, 1959).
 */
final readonly class Length
{
    private const METRES_PER_INCH = 0.0254;
    private const INCHES_PER_FOOT = 12.0;

    private function __construct(private float $inches)
    {
    }

    public static function inches(float $inches): self
    {
        return new self(self::finite($inches));
    }

    public static function feet(float $feet): self
    {
        return self::inches($feet * self::INCHES_PER_FOOT);
    }

    public static function metres(float $metres): self
    {
        return new self(self::finite($metres) / self::METRES_PER_INCH);
    }

    public static function millimetres(float $millimetres): self
    {
        return self::metres($millimetres / 1000);
    }

    public function inInches(): float
    {
        return $this->inches;
    }

    public function inFeet(): float
    {
        return $this->inInches() / self::INCHES_PER_FOOT;
    }

    public function inMetres(): float
    {
        return $this->inches * self::METRES_PER_INCH;
    }

    public function inMillimetres(): float
    {
        return $this->inMetres() * 1000;
    }

    /** In inches, to a hundredth, as it stands in a sentence. */
    public function said(): string
    {
        return Said::mark(round($this->inches, 2).' in');
    }

    public function plus(self $other): self
    {
        return new self($this->inches + $other->inches);
    }

    public function times(float $factor): self
    {
        return new self($this->inches * self::finite($factor));
    }

    public function isLongerThan(self $other): bool
    {
        return $this->inches > $other->inches;
    }

    /** The nearer of the two bounds where this length lies outside them, else itself. */
    public function clamped(self $least, self $most): self
    {
        return new self(max($least->inches, min($most->inches, $this->inches)));
    }

    /** Rounded to the nearest multiple of a step, such as half an inch. */
    public function roundedTo(self $step): self
    {
        return new self(round($this->inches / $step->inches) * $step->inches);
    }

    private static function finite(float $value): float
    {
        return is_finite($value) ? $value : throw NotAMeasure::notFinite('length');
    }
}
