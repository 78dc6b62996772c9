<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Outing\DrawnBuildDocument;
use App\Contract\Reading\ReadingDocument;
use Kontrast\Practice\Flawed;
use Kontrast\Practice\Mistake;
use Kontrast\Practice\Spot;
use Kontrast\Practice\Topic;
use Kontrast\Rulebook\Facts;
use OpenApi\Attributes as OA;

/** A lure, a box and a day, in which one thing is wrong. */
#[OA\Schema(schema: 'Flawed', additionalProperties: false)]
final readonly class FlawedDocument
{
    /**
     * @param list<Spot>             $spots
     * @param list<Spot>             $right
     */
    public function __construct(
        public string $id,
        public Mistake $mistake,
        public string $card,
        public string $fact,
        public Topic $topic,
        public ReadingDocument $reading,
        public DrawnBuildDocument $lure,
        #[OA\Property(description: 'Whether who goes out wears a life jacket.')]
        public bool $in_jacket,
        #[OA\Property(description: 'Whether stretchy plastic lies among other soft plastic.')]
        public bool $is_box_mixed,
        #[OA\Property(description: 'What there is to point at.')]
        public array $spots,
        #[OA\Property(description: 'Where it is; either of two that do not go together.')]
        public array $right,
        public string $because,
    ) {
    }

    public static function of(Flawed $flawed): self
    {
        $mistake = $flawed->mistake;

        return new self(
            $flawed->id,
            $mistake,
            $mistake->fact(),
            Facts::text($mistake->fact()),
            $mistake->topic(),
            ReadingDocument::of($flawed->reading),
            DrawnBuildDocument::inWords($flawed->build),
            $flawed->inJacket,
            $flawed->isBoxMixed,
            $flawed->spots(),
            $mistake->spots(),
            $mistake->because(),
        );
    }
}
