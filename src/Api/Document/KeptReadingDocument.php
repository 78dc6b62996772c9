<?php

declare(strict_types=1);

namespace App\Api\Document;

use App\Entity\KeptReading;
use OpenApi\Attributes as OA;
use Symfony\Component\Serializer\Attribute\Context;
use Symfony\Component\Serializer\Normalizer\DateTimeNormalizer;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading put away. */
#[OA\Schema(schema: 'KeptReading', additionalProperties: false, required: ['reading'])]
final class KeptReadingDocument
{
    #[OA\Property(type: 'string', nullable: true, format: 'uuid')]
    #[Assert\Uuid(message: '{{ value }} is not a UUID. Leave the id out to have one made.')]
    public ?string $id = null;

    #[OA\Property(type: 'string', nullable: true, format: 'date-time', description: 'When it was taken; now where left out.')]
    #[Context([DateTimeNormalizer::FORMAT_KEY => \DateTimeInterface::ATOM])]
    public ?\DateTimeImmutable $taken_at = null;

    #[OA\Property(ref: ReadingDocument::class)]
    #[Assert\Valid]
    public ReadingDocument $reading;

    #[OA\Property(type: 'string', nullable: true, format: 'uuid')]
    #[Assert\Uuid(message: '{{ value }} is not a UUID.')]
    public ?string $water_id = null;

    #[OA\Property(maxLength: 1000)]
    #[Assert\Length(max: 1000, maxMessage: 'A note has at most 1000 characters.')]
    public string $note = '';

    /**
     * The stored row as a document, its reading as it was stored.
     *
     * @return array<string, mixed>
     */
    public static function rowOf(KeptReading $kept): array
    {
        return [
            'id' => $kept->id(),
            'taken_at' => $kept->takenAt()->format(\DateTimeInterface::ATOM),
            'reading' => $kept->reading(),
            'water_id' => $kept->water()?->id(),
            'note' => $kept->note(),
        ];
    }
}
