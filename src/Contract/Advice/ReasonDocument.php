<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Vote;
use OpenApi\Attributes as OA;

/** Why one pick is what it is. */
#[OA\Schema(
    schema: 'Reason',
    additionalProperties: false,
    required: ['pick', 'value', 'because', 'facts', 'school', 'rule', 'strength', 'for', 'against'],
)]
final readonly class ReasonDocument
{
    /**
     * @param list<string>                      $facts
     * @param string|float|int|bool|list<float> $value
     * @param list<RuleVoteDocument>               $for
     * @param list<RuleVoteDocument>               $against
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: Slot::class)]
        public Slot $pick,
        #[OA\Property(ref: '#/components/schemas/Value')]
        public string|float|int|bool|array $value,
        #[OA\Property]
        public string $because,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
        #[OA\Property(nullable: true)]
        public ?string $school,
        #[OA\Property]
        public string $rule,
        #[OA\Property(minimum: 0, maximum: 1)]
        public float $strength,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RuleVoteDocument::class), description: 'Other rules that spoke for the '
            .'pick, loudest first.')]
        public array $for,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RuleVoteDocument::class), description: 'Rules that spoke against it or '
            .'for something else, loudest first.')]
        public array $against,
    ) {
    }

    public static function of(Reason $reason): self
    {
        $voice = static fn (Vote $vote): RuleVoteDocument => RuleVoteDocument::of($vote);

        return new self(
            pick: $reason->slot,
            value: ValueDocument::of($reason->value),
            because: $reason->rule->because,
            facts: $reason->rule->facts,
            school: $reason->school,
            rule: $reason->rule->id,
            strength: round($reason->strength, 4),
            for: array_map($voice, $reason->for),
            against: array_map($voice, $reason->against),
        );
    }
}
