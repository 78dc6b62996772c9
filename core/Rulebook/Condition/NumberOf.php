<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Reading\Reading;

/** A number of the reading, about to be asked where it lies; bounds in the field's own unit. */
final readonly class NumberOf
{
    /** @param \Closure(Reading): ?float $of */
    public function __construct(
        private string $field,
        private \Closure $of,
        private float $fadeShare,
        private float $fadeFixed,
    ) {
    }

    public function between(float $least, float $most): InRange
    {
        return $this->range($least, $most);
    }

    /** Between two numbers of which neither belongs to it. */
    public function inside(float $least, float $most): InRange
    {
        return $this->range($least, $most, open: true);
    }

    public function under(float $most): InRange
    {
        return $this->range(null, $most, open: true);
    }

    public function over(float $least): InRange
    {
        return $this->range($least, null, open: true);
    }

    public function atMost(float $most): InRange
    {
        return $this->range(null, $most);
    }

    public function atLeast(float $least): InRange
    {
        return $this->range($least, null);
    }

    private function range(?float $least, ?float $most, bool $open = false): InRange
    {
        return new InRange($this->field, $this->of, $least, $most, $this->fadeShare, $this->fadeFixed, $open);
    }
}
