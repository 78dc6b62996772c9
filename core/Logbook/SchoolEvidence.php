<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Statistics\Rate;

/** What the notes say for one school on one question. */
final readonly class SchoolEvidence
{
    /**
     * @param float       $hours  fished as it would have tied
     * @param Rate        $rate   of bites, set right for water and light: as if it had been fished in the same as all else
     * @param float       $chance      that it is the best one of its question
     * @param float       $voteChance  the same to a skeptic: what a vote rests on
     */
    public function __construct(
        public SchoolQuestion $question,
        public \BackedEnum $school,
        public float $hours,
        public int $bites,
        public Rate $rate,
        public float $chance,
        public float $voteChance,
    ) {
    }
}
