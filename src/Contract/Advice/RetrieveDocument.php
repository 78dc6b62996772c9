<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Pace;
use Kontrast\Lure\Retrieve;
use Kontrast\Lure\RetrieveName;
use Kontrast\Lure\Run;
use Kontrast\Rulebook\Reason;
use OpenApi\Attributes as OA;

/** How the lure is worked. */
#[OA\Schema(schema: 'Retrieve', additionalProperties: false)]
final readonly class RetrieveDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public RetrieveName $name,
        public Pace $pace,
        public Run $run,
        public string $because,
        public array $facts,
    ) {
    }

    /** @param list<Reason> $reasons of this advice, the motion first */
    public static function of(Retrieve $retrieve, array $reasons): self
    {
        return new self(
            $retrieve->name,
            $retrieve->pace,
            $retrieve->run,
            ReasonDocument::sentences($reasons),
            ReasonDocument::allFacts($reasons),
        );
    }
}
