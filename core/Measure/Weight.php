<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/**
 * A weight (mass), held in grams. 1 lb = 0.45359237 kg exactly (international yard and pound agreement, 1959); 16 oz to the pound.
 */
final readonly class Weight
{
    private const GRAMS_PER_OUNCE = 453.59237 / 16;

    private function __construct(private float $grams)
    {
    }

    public static function ounces(float $ounces): self
    {
        return self::grams($ounces * self::GRAMS_PER_OUNCE);
    }

    public static function grams(float $grams): self
    {
        return is_finite($grams) ? new self($grams) : throw NotAMeasure::notFinite('weight');
    }

    public function inOunces(): float
    {
        return $this->grams / self::GRAMS_PER_OUNCE;
    }

    public function inGrams(): float
    {
        return $this->grams;
    }

    public function plus(self $other): self
    {
        return new self($this->grams + $other->grams);
    }

    public function isHeavierThan(self $other): bool
    {
        return $this->grams > $other->grams;
    }

    /** As a tackle maker writes it: "3/8 oz", "1-1/4 oz"; sixteenths at the finest. */
    public function label(): string
    {
        $sixteenths = (int) round($this->inOunces() * 16);
        $whole = intdiv($sixteenths, 16);
        $top = $sixteenths % 16;
        $bottom = 16;
        while ($top > 0 && 0 === $top % 2) {
            $top = intdiv($top, 2);
            $bottom = intdiv($bottom, 2);
        }
        $fraction = $top > 0 ? "$top/$bottom" : '';

        return implode(
            '-',
            array_filter([0 === $whole ? '' : (string) $whole, $fraction], static fn (string $part): bool => '' !== $part),
        ).' oz';
    }

    /** As it stands in a sentence. */
    public function said(): string
    {
        return Said::mark($this->label());
    }
}
