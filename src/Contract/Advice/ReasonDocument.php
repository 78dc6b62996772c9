<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Vote;
use OpenApi\Attributes as OA;

/** Why one pick is what it is. */
#[OA\Schema(
    schema: 'Reason',
    additionalProperties: false,
)]
final readonly class ReasonDocument
{
    /**
     * @param list<string>                      $facts
     * @param string|float|int|bool|list<float> $value
     * @param list<RuleVoteDocument>               $for
     * @param list<RuleVoteDocument>               $against
     * @param string|float|int|bool|list<float>|null $runner_up
     */
    public function __construct(
        public Slot $pick,
        #[OA\Property(ref: '#/components/schemas/Value')]
        public string|float|int|bool|array $value,
        public string $because,
        public array $facts,
        public ?string $school,
        public string $rule,
        #[OA\Property(minimum: 0, maximum: 1)]
        public float $strength,
        #[OA\Property(description: 'Other rules that voted for the pick, most votes first.')]
        public array $for,
        #[OA\Property(description: 'Rules that voted against it or for something else, most votes first.')]
        public array $against,
        public Firmness $firmness,
        #[OA\Property(ref: '#/components/schemas/Value', nullable: true, description: 'The runner-up.')]
        public string|float|int|bool|array|null $runner_up,
    ) {
    }

    public static function of(Reason $reason): self
    {
        $voice = static fn (Vote $vote): RuleVoteDocument => RuleVoteDocument::of($vote);

        return new self(
            pick: $reason->slot,
            value: ValueDocument::write($reason->value),
            because: $reason->rule->because,
            facts: $reason->rule->facts,
            school: $reason->school,
            rule: $reason->rule->id,
            strength: round($reason->strength, 4),
            for: array_map($voice, $reason->for),
            against: array_map($voice, $reason->against),
            firmness: $reason->firmness,
            runner_up: null === $reason->runnerUp ? null : ValueDocument::write($reason->runnerUp),
        );
    }

    /**
     * What several reasons say, each sentence once; a default of the program is left out where anything else is said.
     *
     * @param list<Reason> $reasons
     */
    public static function sentences(array $reasons): string
    {
        $told = array_filter($reasons, static fn (Reason $reason): bool => [] !== $reason->rule->facts);
        $sentences = array_map(
            static fn (Reason $reason): string => $reason->rule->because,
            [] === $told ? \array_slice($reasons, 0, 1) : $told,
        );

        return implode(' ', array_unique($sentences));
    }

    /**
     * @param list<Reason> $reasons
     *
     * @return list<string>
     */
    public static function allFacts(array $reasons): array
    {
        return array_values(array_unique(array_merge(...array_map(static fn (Reason $reason): array => $reason->rule->facts, $reasons))));
    }
}
