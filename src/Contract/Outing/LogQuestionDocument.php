<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Text;
use Kontrast\Logbook\Factor;
use Kontrast\Reading\ClarityBand;
use Kontrast\Reading\Season;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** What the log is asked: which of two, and where. */
final readonly class LogQuestionDocument
{
    private const MOST_LEVEL = 40;

    public function __construct(
        public Factor $factor,
        #[Text(self::MOST_LEVEL, 'A thing to compare')]
        public string $a,
        #[Text(self::MOST_LEVEL, 'A thing to compare')]
        public string $b,
        public ?ClarityBand $clarity = null,
        #[Id]
        public ?string $water_id = null,
        public ?Season $season = null,
    ) {
    }

    #[Assert\Callback]
    public function comparesTwoThings(ExecutionContextInterface $context): void
    {
        if (!$this->factor->isChosen()) {
            $context->buildViolation('Only what an angler chooses is compared: '.implode(', ', Factor::chosenWords()).'.')
                ->atPath('factor')->setCode('not_allowed')->addViolation();
        }
        foreach (['a' => $this->a, 'b' => $this->b] as $field => $level) {
            if (!$this->factor->knows($level)) {
                $context->buildViolation("There is no {$this->factor->label()} “{$level}”.")
                    ->atPath($field)->setCode('not_allowed')->addViolation();
            }
        }
        if ($this->a === $this->b) {
            $context->buildViolation('Both are the same. Choose two that differ.')->atPath('b')->setCode('not_allowed')->addViolation();
        }
    }
}
