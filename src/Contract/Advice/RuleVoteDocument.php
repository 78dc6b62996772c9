<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Vote;
use OpenApi\Attributes as OA;

/** One rule's word on one pick. */
#[OA\Schema(schema: 'RuleVote', additionalProperties: false)]
final readonly class RuleVoteDocument
{
    /**
     * @param list<string>                      $facts
     * @param string|float|int|bool|list<float> $value
     */
    public function __construct(
        public string $rule,
        public array $facts,
        #[OA\Property(ref: '#/components/schemas/Value')]
        public string|float|int|bool|array $value,
        public string $because,
        #[OA\Property(minimum: 0, maximum: 1, description: 'How fully the rule applies here.')]
        public float $strength,
        #[OA\Property(description: 'Votes for the value; negative if against it.')]
        public float $count,
    ) {
    }

    public static function of(Vote $vote): self
    {
        return new self(
            $vote->rule->id,
            $vote->rule->facts,
            ValueDocument::write($vote->value),
            $vote->rule->because,
            round($vote->strength, 4),
            round($vote->count, 4),
        );
    }
}
