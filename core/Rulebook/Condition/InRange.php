<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;

/**
 * A number of the reading lies in a range. Full strength from end to end, both ends included, and fading outside: a share of the edge for
 * lengths, whole degrees for temperatures. An end stated as "over" or "under" a number is open: at the number itself it gives way to a
 * range that names the number. A number not given is never in range.
 */
final readonly class InRange implements Condition
{
    /** Strength at the very number of an open end. (Chosen: just less than a range that names the number.) */
    private const AT_OPEN_END = 0.9;
    /** How far past the fade a draft that is to miss the range is put. */
    private const BEYOND = 0.1;

    /** @param \Closure(Reading): ?float $of */
    public function __construct(
        private string $field,
        private \Closure $of,
        private ?float $least,
        private ?float $most,
        private float $fadeShare,
        private float $fadeFixed,
        private bool $open = false,
    ) {
    }

    /** The same without fading: all or nothing, for what decides over other facts. */
    public function sharp(): self
    {
        return new self($this->field, $this->of, $this->least, $this->most, 0.0, 0.0, $this->open);
    }

    public function strength(Situation $situation): float
    {
        $number = ($this->of)($situation->reading);
        if (null === $number) {
            return 0.0;
        }

        return min(
            null === $this->least ? 1.0 : $this->at($number - $this->least, $this->least),
            null === $this->most ? 1.0 : $this->at($this->most - $number, $this->most),
        );
    }

    /** @param float $inside how far inside an edge the number lies; negative outside */
    private function at(float $inside, float $edge): float
    {
        if ($inside > 0.0 || (0.0 === $inside && !$this->open)) {
            return 1.0;
        }
        $fade = $this->fade($edge);

        return $fade > 0.0 ? max(0.0, ($this->open ? self::AT_OPEN_END : 1.0) + $inside / $fade) : 0.0;
    }

    public function slotsUsed(): array
    {
        return [];
    }

    public function fields(): array
    {
        return [$this->field];
    }

    public function meet(ReadingBuilder $draft): void
    {
        // Inside, or well into the fade outside.
        $out = $draft->odd ? 0.45 : ($this->open ? -0.02 : 0.0);
        $draft->number(
            $this->field,
            null === $this->least ? null : $this->least - $out * $this->fade($this->least),
            null === $this->most ? null : $this->most + $out * $this->fade($this->most),
        );
    }

    public function miss(ReadingBuilder $draft): void
    {
        if (null !== $this->least && (null === $this->most || $draft->oneOf([true, false]))) {
            $draft->number($this->field, null, $this->least - $this->fade($this->least) - self::BEYOND);
        } elseif (null !== $this->most) {
            $draft->number($this->field, $this->most + $this->fade($this->most) + self::BEYOND, null);
        }
    }

    public function describe(): array
    {
        return ['kind' => 'range', 'field' => $this->field, 'least' => $this->least, 'most' => $this->most, 'open' => $this->open]
            + (0.0 === $this->fadeShare && 0.0 === $this->fadeFixed ? ['sharp' => true] : []);
    }

    private function fade(float $edge): float
    {
        return $this->fadeShare * abs($edge) + $this->fadeFixed;
    }
}
