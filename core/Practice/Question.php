<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

/** A made-up water, what to tie in it, the one rule that decides a pick of it, and the answer of who does not know that rule. */
final readonly class Question
{
    public const EASIEST = 1;
    public const HARDEST = 5;

    /**
     * @param int   $level  from 1, a plain case, to 5, where much is close and anglers disagree
     * @param float $points of the right answer, of 100, by the scorer of the bench
     */
    public function __construct(
        public string $id,
        public Reading $reading,
        public Advice $answer,
        public float $points,
        public Rule $rule,
        public Slot $slot,
        public Tempting $tempting,
        public Topic $topic,
        public int $level,
    ) {
    }
}
