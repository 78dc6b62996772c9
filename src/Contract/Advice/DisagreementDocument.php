<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Disagreement;
use Kontrast\Rulebook\Dissent;
use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;

/** A question on which today's picks depend on the school. */
#[OA\Schema(schema: 'Disagreement', additionalProperties: false, required: ['question', 'fact', 'chosen', 'others'])]
final readonly class DisagreementDocument
{
    /** @param list<DissentDocument> $others */
    public function __construct(
        #[OA\Property(type: 'string', enum: SchoolQuestion::class)]
        public SchoolQuestion $question,
        #[OA\Property]
        public string $fact,
        #[OA\Property]
        public string $chosen,
        #[OA\Property(type: 'array', items: new OA\Items(ref: DissentDocument::class))]
        public array $others,
    ) {
    }

    public static function of(Disagreement $disagreement): self
    {
        return new self(
            $disagreement->question,
            $disagreement->question->fact(),
            (string) $disagreement->chosen->value,
            array_map(static fn (Dissent $dissent): DissentDocument => DissentDocument::of($dissent), $disagreement->others),
        );
    }
}
