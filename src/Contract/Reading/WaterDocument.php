<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Name;
use App\Contract\Constraint\Text;
use App\Contract\Trip\PlaceDocument;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Tint;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A named place and what is usual there. */
#[OA\Schema(schema: 'Water', additionalProperties: false, required: ['name', 'tint', 'red_crawfish'])]
final readonly class WaterDocument
{
    public function __construct(
        #[OA\Property]
        #[Name('A water')]
        public string $name,
        #[OA\Property(type: 'string', enum: Tint::class)]
        public Tint $tint,
        #[OA\Property]
        public bool $red_crawfish,
        #[OA\Property(type: 'string', nullable: true)]
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(type: 'string', enum: Forage::class, nullable: true)]
        public ?Forage $forage = null,
        #[OA\Property]
        #[Text(1000, 'A note')]
        public string $note = '',
        #[OA\Property(ref: PlaceDocument::class, nullable: true, description: 'Where it is, for the height of the sun.')]
        #[Assert\Valid]
        public ?PlaceDocument $place = null,
    ) {
    }
}
