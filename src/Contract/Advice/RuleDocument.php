<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\School;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\NoteHeading;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Rank;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;

/** A rule as it stands in the book. */
#[OA\Schema(
    schema: 'Rule',
    additionalProperties: false,
)]
final readonly class RuleDocument
{
    /**
     * @param list<string>               $facts
     * @param list<LureKind>             $lures
     * @param list<string>               $schools
     * @param list<array<string, mixed>> $when
     * @param list<RuleEffectDocument>         $says
     */
    public function __construct(
        public string $id,
        #[OA\Property(
            type: 'string',
            enum: ['lure', 'head', 'blades', 'skirt', 'trailer', 'trailer_hook', 'retrieve', 'tackle', 'notes'],
            description: 'The part it is mainly about.',
        )]
        public string $part,
        public array $facts,
        #[OA\Property(description: 'Empty for every lure.')]
        public array $lures,
        #[OA\Property(description: 'The question whose schools it belongs to.')]
        public ?SchoolQuestion $question,
        #[OA\Property(description: 'Applies only if the angler follows one of these; empty for always.')]
        public array $schools,
        #[OA\Property(type: 'string', enum: ['fallback', 'usual', 'noted', 'special', 'deciding', 'ruling'])]
        public string $rank,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Condition'), description: 'All of these.')]
        public array $when,
        public array $says,
        public string $because,
        #[OA\Property(description: 'For a note, which picks nothing: where it is shown.')]
        public ?NoteHeading $heading,
        #[OA\Property(description: 'Whether an angler who does not believe it may do without it.')]
        public bool $can_be_doubted,
    ) {
    }

    public static function of(Rule $rule): self
    {
        $school = $rule->schools[0] ?? null;

        return new self(
            id: $rule->id,
            part: $rule->part(),
            facts: $rule->facts,
            lures: $rule->kinds,
            question: null === $school ? null : SchoolQuestion::of($school),
            schools: array_map(static fn (School $school): string => $school->value, $rule->schools),
            rank: match ($rule->rank) {
                Rank::Fallback, Rank::Doubted => 'fallback',
                Rank::Usual => 'usual',
                Rank::Noted => 'noted',
                Rank::Special => 'special',
                Rank::Deciding => 'deciding',
                Rank::Ruling => 'ruling',
            },
            when: array_map(static fn (Condition $condition): array => $condition->describe(), $rule->conditions),
            says: [
                ...array_map(static fn (Pick $pick): RuleEffectDocument => RuleEffectDocument::of($pick, true), $rule->for),
                ...array_map(static fn (Pick $pick): RuleEffectDocument => RuleEffectDocument::of($pick, false), $rule->against),
            ],
            because: $rule->because,
            heading: $rule->heading,
            can_be_doubted: $rule->rank->canBeDoubted(),
        );
    }
}
