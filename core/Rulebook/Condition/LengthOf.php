<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;

/** A length of the reading, about to be asked where it lies; held in the unit of its field. Fades over a share of each edge. */
final readonly class LengthOf
{
    private NumberOf $number;

    /**
     * @param \Closure(Reading): ?Length $of
     * @param \Closure(Length): float    $in the unit of the field
     */
    private function __construct(string $field, \Closure $of, private \Closure $in, float $fadeShare)
    {
        $this->number = new NumberOf($field, static function (Reading $reading) use ($of, $in): ?float {
            $length = $of($reading);

            return null === $length ? null : $in($length);
        }, $fadeShare, 0.0);
    }

    /** @param \Closure(Reading): ?Length $of */
    public static function inInches(string $field, \Closure $of, float $fadeShare): self
    {
        return new self($field, $of, static fn (Length $length): float => $length->inInches(), $fadeShare);
    }

    /** @param \Closure(Reading): ?Length $of */
    public static function inFeet(string $field, \Closure $of, float $fadeShare): self
    {
        return new self($field, $of, static fn (Length $length): float => $length->inFeet(), $fadeShare);
    }

    public function between(Length $least, Length $most): InRange
    {
        return $this->number->between(($this->in)($least), ($this->in)($most));
    }

    public function under(Length $most): InRange
    {
        return $this->number->under(($this->in)($most));
    }

    public function over(Length $least): InRange
    {
        return $this->number->over(($this->in)($least));
    }

    /** Between two lengths of which neither belongs to it. */
    public function inside(Length $least, Length $most): InRange
    {
        return $this->number->inside(($this->in)($least), ($this->in)($most));
    }

    public function atMost(Length $most): InRange
    {
        return $this->number->atMost(($this->in)($most));
    }

    public function atLeast(Length $least): InRange
    {
        return $this->number->atLeast(($this->in)($least));
    }
}
