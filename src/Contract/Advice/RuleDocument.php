<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\LureKind;
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
    required: ['id', 'part', 'facts', 'lures', 'question', 'schools', 'rank', 'when', 'says', 'because', 'heading'],
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
        #[OA\Property]
        public string $id,
        #[OA\Property(
            type: 'string',
            enum: ['lure', 'head', 'blades', 'skirt', 'trailer', 'trailer_hook', 'retrieve', 'tackle', 'notes'],
            description: 'The part it is mainly about.',
        )]
        public string $part,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: LureKind::class), description: 'Empty for every lure.')]
        public array $lures,
        #[OA\Property(
            type: 'string',
            enum: SchoolQuestion::class,
            nullable: true,
            description: 'The question whose schools it belongs to.',
        )]
        public ?SchoolQuestion $question,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Applies only if the angler follows one of '
            .'these; empty for always.')]
        public array $schools,
        #[OA\Property(type: 'string', enum: ['fallback', 'usual', 'noted', 'special', 'deciding', 'ruling'])]
        public string $rank,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Condition'), description: 'All of these.')]
        public array $when,
        #[OA\Property(type: 'array', items: new OA\Items(ref: RuleEffectDocument::class))]
        public array $says,
        #[OA\Property]
        public string $because,
        #[OA\Property(type: 'string', enum: NoteHeading::class, nullable: true, description: 'For a note, which picks nothing: where it '
            .'is shown.')]
        public ?NoteHeading $heading,
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
            schools: array_map(static fn (\BackedEnum $school): string => $school->value, $rule->schools),
            rank: match ($rule->rank) {
                Rank::Fallback => 'fallback',
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
        );
    }
}
