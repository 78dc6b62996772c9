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
#[OA\Schema(schema: 'Water', additionalProperties: false)]
final readonly class WaterDocument
{
    public function __construct(
        #[Name('A water')]
        public string $name,
        public Tint $tint,
        public bool $red_crawfish,
        #[Id(isMade: true)]
        public ?string $id = null,
        public ?Forage $forage = null,
        #[Text(1000, 'A note')]
        public string $note = '',
        #[OA\Property(description: 'Where it is, for the height of the sun.')]
        #[Assert\Valid]
        public ?PlaceDocument $place = null,
    ) {
    }
}
