<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Explanation;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;
use Kontrast\Rulebook\Vote;
use OpenApi\Attributes as OA;

/** Why a pick is what it is, and what would turn it. */
#[OA\Schema(schema: 'Explanation', additionalProperties: false)]
final readonly class ExplanationDocument
{
    /**
     * @param list<string|float|int|bool|list<float>> $values
     * @param list<RuleVoteDocument> $votes
     */
    public function __construct(
        public Slot $pick,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Value'), description: 'What was picked.')]
        public array $values,
        public FirmnessDocument $firmness,
        #[OA\Property(description: 'Every rule that voted, most votes first.')]
        public array $votes,
        #[OA\Property(description: 'The nearest change of one field by which the runner-up would win.')]
        public ?NearestChangeDocument $turn,
    ) {
    }

    public static function of(Explanation $explanation): self
    {
        $tally = $explanation->tally;

        return new self(
            $tally->slot,
            array_map(static fn (Value $value): string|float|int|bool|array => ValueDocument::write($value), $tally->winners),
            FirmnessDocument::of($tally->firmness(), $tally->second()),
            array_map(static fn (Vote $vote): RuleVoteDocument => RuleVoteDocument::of($vote), $explanation->votes),
            null === $explanation->turn ? null : NearestChangeDocument::of($explanation->turn),
        );
    }
}
