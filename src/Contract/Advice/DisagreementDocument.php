<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Disagreement;
use Kontrast\Rulebook\Dissent;
use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;

/** A question on which today's picks depend on the school. */
#[OA\Schema(schema: 'Disagreement', additionalProperties: false)]
final readonly class DisagreementDocument
{
    /** @param list<DissentDocument> $others */
    public function __construct(
        public SchoolQuestion $question,
        public string $fact,
        public string $chosen,
        public array $others,
    ) {
    }

    public static function of(Disagreement $disagreement): self
    {
        return new self(
            $disagreement->question,
            $disagreement->question->fact(),
            $disagreement->chosen->value,
            array_map(static fn (Dissent $dissent): DissentDocument => DissentDocument::of($dissent), $disagreement->others),
        );
    }
}
