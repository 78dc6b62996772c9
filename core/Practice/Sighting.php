<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Lure\Build;
use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Vision\Band;

/** Two lures in one water, of which one is seen from farther, or one lure, whose skirt and trailer read as one or as two. */
final readonly class Sighting
{
    /** Of the shorter of two distances: there a difference shows, and does not tell all. (Chosen.) */
    private const NEAR = 0.5;

    /**
     * @param Band      $spanA how far away the first is made out; of one lure, how far away its parts stay two
     * @param Band|null $spanB of the second
     * @param float     $ratio how many times as far, the smaller the harder: 1 or more
     */
    public function __construct(
        public string $id,
        public Reading $reading,
        public Build $a,
        public ?Build $b,
        public Band $spanA,
        public ?Band $spanB,
        public Verdict $right,
        public float $ratio,
    ) {
    }

    /** Where two lures are both still seen, and one lure as far away as it is judged. */
    public function lookedAtFrom(): Length
    {
        return null === $this->spanB
            ? Length::feet(Seeing::JUDGED_AT_FT)
            : Length::metres(self::NEAR * min($this->spanA->least->inMetres(), $this->spanB->least->inMetres()));
    }
}
