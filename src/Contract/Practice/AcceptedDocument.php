<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use Kontrast\Practice\Accepted;
use Kontrast\Reading\School;
use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;

/** A right answer, and who says so beside the program. */
#[OA\Schema(schema: 'Accepted', additionalProperties: false)]
final readonly class AcceptedDocument
{
    /** @param list<DefenderDocument> $schools */
    public function __construct(
        #[OA\Property(description: 'Who would tie it; nobody where the program does.')]
        public array $schools,
        #[OA\Property(description: 'Whether it is the other side of a toss-up.')]
        public bool $toss_up,
    ) {
    }

    public static function of(Accepted $accepted): self
    {
        return new self(
            array_map(
                static fn (School $school): DefenderDocument => new DefenderDocument(SchoolQuestion::of($school), $school->value),
                $accepted->schools,
            ),
            $accepted->isTossUp,
        );
    }
}
