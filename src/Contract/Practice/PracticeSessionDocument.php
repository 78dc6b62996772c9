<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use OpenApi\Attributes as OA;

/** Questions of one lesson, with all it takes to answer them where nothing can be asked any more. */
#[OA\Schema(schema: 'PracticeSession', additionalProperties: false)]
final readonly class PracticeSessionDocument
{
    /**
     * @param list<PracticeWaterDocument> $waters
     * @param list<SightingDocument>      $sightings
     * @param list<GuessDocument>         $guesses
     * @param list<FlawedDocument>        $flawed
     */
    public function __construct(
        public int $seed,
        public array $waters = [],
        public array $sightings = [],
        public array $guesses = [],
        public array $flawed = [],
    ) {
    }
}
