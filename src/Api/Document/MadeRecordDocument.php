<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Serializer\Attribute\Context;
use Symfony\Component\Serializer\Normalizer\DateTimeNormalizer;
use Symfony\Component\Validator\Constraints as Assert;

/** A batch that was made, as a backup keeps it. */
#[OA\Schema(schema: 'MadeRecord', additionalProperties: false, required: ['what', 'count', 'cost', 'drawn', 'made_at'])]
final class MadeRecordDocument
{
    #[OA\Property(maxLength: 1000)]
    #[Assert\Length(max: 1000, maxMessage: 'At most 1000 characters.')]
    public string $what;

    #[OA\Property]
    public int $count;

    #[OA\Property]
    public float $cost;

    #[OA\Property(nullable: true)]
    public ?float $price = null;

    /** @var array<string, int> */
    #[OA\Property(type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer'), description: 'How many of each part, by its id.')]
    public array $drawn;

    #[OA\Property(type: 'string', format: 'date-time')]
    #[Context([DateTimeNormalizer::FORMAT_KEY => \DateTimeInterface::ATOM])]
    public \DateTimeImmutable $made_at;
}
