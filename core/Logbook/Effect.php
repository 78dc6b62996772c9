<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Reading\ClarityBand;
use Kontrast\Statistics\Normal;
use Kontrast\Statistics\RateRatio;

/** How many times the bites of b those of a are, all else being equal, as far as the notes tell. */
final readonly class Effect
{
    /** A ratio nearer to 1 than this makes no difference that anybody would change a lure for. */
    public const MATTERS = 1.1;
    private const SURE = 0.95;
    /** Ratios whose logarithm is closer to 0 are alike: five in a hundred. (Chosen.) */
    private const ALIKE = 0.05;

    /**
     * @param ClarityBand|null $clarity       the only water it is about; null for all that either was fished in
     * @param float            $value         logarithm of the ratio
     * @param float            $error         of it
     * @param float            $priorVariance what was believed before anything was noted
     * @param float            $hours         fished with either
     */
    public function __construct(
        public Factor $factor,
        public ?ClarityBand $clarity,
        public string $a,
        public string $b,
        public float $value,
        public float $error,
        public float $priorVariance,
        public float $hours,
    ) {
    }

    public function ratio(): float
    {
        return exp($this->value);
    }

    /** @return array{float, float} that holds the ratio four times in five */
    public function interval(): array
    {
        return RateRatio::around($this->value, $this->error);
    }

    public function chanceBetter(): float
    {
        return $this->chanceAbove(1.0);
    }

    /** At least 95 % that a is better by a tenth or more. */
    public function isSure(): bool
    {
        return $this->chanceAbove(self::MATTERS) >= self::SURE;
    }

    /** Whether the interval leaves 1 out, on either side. */
    public function isSettled(): bool
    {
        return abs($this->value) > RateRatio::Z80 * $this->error;
    }

    /** How far the notes lean to either, 0 to 0.5. */
    public function leaning(): float
    {
        return abs($this->chanceBetter() - 0.5);
    }

    /** How much of what was not known before the notes they have told, 0 to 1. */
    public function told(): float
    {
        return 1 - $this->error ** 2 / $this->priorVariance;
    }

    /**
     * Hours more, shared as before, until the interval leaves 1 out, if the ratio believed now goes on; 0 where it is settled, null where
     * the two are alike and no number of hours would.
     */
    public function hoursToSettle(): ?float
    {
        if ($this->isSettled()) {
            return 0.0;
        }
        $now = 1 / $this->error ** 2 - 1 / $this->priorVariance;
        if (abs($this->value) < self::ALIKE || $now <= 0) {
            return null;
        }
        $needed = (RateRatio::Z80 / $this->value) ** 2 - 1 / $this->priorVariance;

        return max(0.0, $this->hours * ($needed / $now - 1));
    }

    public function turned(): self
    {
        return new self($this->factor, $this->clarity, $this->b, $this->a, -$this->value, $this->error, $this->priorVariance, $this->hours);
    }

    private function chanceAbove(float $ratio): float
    {
        return Normal::chanceBelow(($this->value - log($ratio)) / max(1e-9, $this->error));
    }
}
