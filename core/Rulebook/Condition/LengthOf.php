<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;

/** A length of the reading, about to be asked where it lies. Fades over a share of each edge. */
final readonly class LengthOf
{
    private NumberOf $inches;

    /** @param \Closure(Reading): ?Length $of */
    public function __construct(string $field, \Closure $of, float $fadeShare)
    {
        $this->inches = new NumberOf($field, static fn (Reading $reading): ?float => $of($reading)?->inInches(), $fadeShare, 0.0);
    }

    public function between(Length $least, Length $most): InRange
    {
        return $this->inches->between($least->inInches(), $most->inInches());
    }

    public function under(Length $most): InRange
    {
        return $this->inches->under($most->inInches());
    }

    public function over(Length $least): InRange
    {
        return $this->inches->over($least->inInches());
    }
}
