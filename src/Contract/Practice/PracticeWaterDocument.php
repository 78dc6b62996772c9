<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Advice\DisagreementDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Reading\ObservedReadingDocument;
use App\Contract\Reading\ReadingDocument;
use Kontrast\Practice\Choices;
use Kontrast\Practice\Question;
use Kontrast\Practice\Topic;
use Kontrast\Practice\WaterColumn;
use Kontrast\Rulebook\Disagreement;
use Kontrast\Rulebook\Facts;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;

/** A made-up water, the parts to choose from, and the answer. */
#[OA\Schema(schema: 'PracticeWater', additionalProperties: false)]
final readonly class PracticeWaterDocument
{
    /**
     * @param list<DisagreementDocument> $disagreements
     * @param list<ChoicesDocument>      $choices
     */
    public function __construct(
        #[OA\Property(description: 'The seed and the place in its list.')]
        public string $id,
        public ReadingDocument $reading,
        public ObservedReadingDocument $shown,
        public WaterColumnDocument $column,
        #[OA\Property(minItems: 1, description: 'Of each kind of lure that may be chosen.')]
        public array $choices,
        #[OA\Property(description: 'The pick that one fact decides.')]
        public Slot $pick,
        #[OA\Property(description: 'The fact.')]
        public string $card,
        public string $fact,
        public string $because,
        public TemptingDocument $tempting,
        public array $disagreements,
        public Topic $topic,
        #[OA\Property(minimum: Question::EASIEST, maximum: Question::HARDEST)]
        public int $level,
    ) {
    }

    /**
     * @param non-empty-list<Choices>              $choices
     * @param array<string, InventoryPartDocument> $owned by id
     */
    public static function of(Question $question, WaterColumn $column, array $choices, array $owned): self
    {
        $card = $question->rule->facts[0] ?? throw new \LogicException('A question asks for a fact.');

        return new self(
            $question->id,
            ReadingDocument::of($question->reading),
            ObservedReadingDocument::of($question->reading),
            WaterColumnDocument::of($column),
            array_map(static fn (Choices $one): ChoicesDocument => ChoicesDocument::of($one, $owned), $choices),
            $question->slot,
            $card,
            Facts::text($card),
            $question->rule->because,
            TemptingDocument::of($question->tempting),
            array_map(
                static fn (Disagreement $disagreement): DisagreementDocument => DisagreementDocument::of($disagreement),
                $question->answer->disagreements,
            ),
            $question->topic,
            $question->level,
        );
    }
}
