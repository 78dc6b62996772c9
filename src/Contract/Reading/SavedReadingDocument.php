<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use App\Contract\Constraint\Id;
use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A saved reading. */
#[OA\Schema(schema: 'SavedReading', additionalProperties: false, required: ['reading'])]
final readonly class SavedReadingDocument
{
    public function __construct(
        #[OA\Property(ref: ReadingDocument::class)]
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[OA\Property(type: 'string', nullable: true)]
        #[Id(isMade: true)]
        public ?string $id = null,
        #[OA\Property(type: 'string', nullable: true, format: 'date-time', description: 'When it was taken; now where left out.')]
        public ?\DateTimeImmutable $taken_at = null,
        #[OA\Property(type: 'string', nullable: true)]
        #[Id]
        public ?string $water_id = null,
        #[OA\Property]
        #[Text(1000, 'A note')]
        public string $note = '',
    ) {
    }
}
