<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Reading\LureKind;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Heading;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Question;
use Kontrast\Rulebook\Rank;
use Kontrast\Rulebook\Rule;
use OpenApi\Attributes as OA;

/** A rule as it stands in the book. */
#[OA\Schema(schema: 'Rule', additionalProperties: false, required: ['id', 'part', 'facts', 'lures', 'question', 'schools', 'rank', 'when', 'says', 'because', 'heading'])]
final readonly class RuleDocument
{
    /**
     * @param list<string>               $facts
     * @param list<LureKind>             $lures
     * @param list<string>               $schools
     * @param list<array<string, mixed>> $when
     * @param list<SaysDocument>         $says
     */
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property(type: 'string', enum: ['lure', 'head', 'blades', 'skirt', 'trailer', 'trailer_hook', 'notes'], description: 'The part it mostly speaks of.')]
        public string $part,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))]
        public array $facts,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: LureKind::class), description: 'Empty for every lure.')]
        public array $lures,
        #[OA\Property(type: 'string', enum: Question::class, nullable: true, description: 'The question whose schools it belongs to.')]
        public ?Question $question,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Speaks only where the angler holds with one of these; empty for always.')]
        public array $schools,
        #[OA\Property(type: 'string', enum: ['fallback', 'usual', 'special', 'ruling'])]
        public string $rank,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Condition'), description: 'All of these.')]
        public array $when,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SaysDocument::class))]
        public array $says,
        #[OA\Property]
        public string $because,
        #[OA\Property(type: 'string', enum: Heading::class, nullable: true, description: 'For a note, which picks nothing: where it is told.')]
        public ?Heading $heading,
    ) {
    }

    public static function of(Rule $rule): self
    {
        $school = $rule->schools[0] ?? null;

        return new self(
            $rule->id,
            $rule->part(),
            $rule->facts,
            $rule->kinds,
            null === $school ? null : Question::of($school),
            array_map(static fn (\BackedEnum $school): string => $school->value, $rule->schools),
            match ($rule->rank) {
                Rank::Fallback => 'fallback',
                Rank::Usual => 'usual',
                Rank::Special => 'special',
                Rank::Ruling => 'ruling',
            },
            array_map(static fn (Condition $condition): array => $condition->describe(), $rule->conditions),
            [
                ...array_map(static fn (Pick $pick): SaysDocument => SaysDocument::of($pick, true), $rule->for),
                ...array_map(static fn (Pick $pick): SaysDocument => SaysDocument::of($pick, false), $rule->against),
            ],
            $rule->because,
            $rule->heading,
        );
    }
}
