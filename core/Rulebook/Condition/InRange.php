<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Condition;

use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Situation;

/**
 * A number of the reading lies in a range. Half strength at each edge, full inside it and nothing outside it by half the
 * fade: a share of the edge for lengths, whole degrees for temperatures. A number not given is never in range.
 */
final readonly class InRange implements Condition
{
    /** @param \Closure(Reading): ?float $of */
    public function __construct(
        private string $field,
        private \Closure $of,
        private ?float $least,
        private ?float $most,
        private float $fadeShare,
        private float $fadeFixed,
    ) {
    }

    public function strength(Situation $situation): float
    {
        $number = ($this->of)($situation->reading);
        if (null === $number) {
            return 0.0;
        }

        return max(0.0, min(
            1.0,
            null === $this->least ? 1.0 : 0.5 + ($number - $this->least) / $this->fade($this->least),
            null === $this->most ? 1.0 : 0.5 + ($this->most - $number) / $this->fade($this->most),
        ));
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
        // Of the fade about an edge: all the way in, or nearly out.
        $in = $draft->odd ? -0.45 : 0.5;
        $draft->number(
            $this->field,
            null === $this->least ? null : $this->least + $in * $this->fade($this->least),
            null === $this->most ? null : $this->most - $in * $this->fade($this->most),
        );
    }

    public function miss(ReadingBuilder $draft): void
    {
        if (null !== $this->least && (null === $this->most || $draft->oneOf([true, false]))) {
            $draft->number($this->field, null, $this->least - $this->fade($this->least) / 2);
        } elseif (null !== $this->most) {
            $draft->number($this->field, $this->most + $this->fade($this->most) / 2, null);
        }
    }

    public function describe(): array
    {
        return ['kind' => 'range', 'field' => $this->field, 'least' => $this->least, 'most' => $this->most];
    }

    private function fade(float $edge): float
    {
        return $this->fadeShare * abs($edge) + $this->fadeFixed;
    }
}
