<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A saved reading. */
#[OA\Schema(schema: 'SavedReading', additionalProperties: false)]
final readonly class SavedReadingDocument
{
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(description: 'When it was taken; now where left out.')]
        public ?\DateTimeImmutable $taken_at = null,
        #[Id]
        public ?string $water_id = null,
        #[Text(1000, 'A note')]
        public string $note = '',
    ) {
    }
}
