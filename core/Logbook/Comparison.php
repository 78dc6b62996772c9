<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Reading\ClarityBand;
use Kontrast\Statistics\RateRatio;

/** One choice beside another, on the same days in water and light that were alike. */
final readonly class Comparison
{
    /**
     * @param ClarityBand|null $clarity the only water it is about; null for all together
     * @param RateRatio $seen     as the notes have it
     * @param RateRatio $believed shrunk together with all the others
     */
    public function __construct(
        public Factor $factor,
        public ?ClarityBand $clarity,
        public string $a,
        public string $b,
        public RateRatio $seen,
        public RateRatio $believed,
    ) {
    }

    /** How far the notes lean to either, 0 to 0.5. */
    public function sureness(): float
    {
        return abs($this->believed->chanceBetter() - 0.5);
    }

    /** Hours more until it is settled, as things stand; 0 where it is, null where the two are alike. */
    public function hoursToSettle(): ?float
    {
        return $this->seen->hoursToSettle($this->believed->ratio);
    }
}
