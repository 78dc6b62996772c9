<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** So many of one build. */
#[OA\Schema(schema: 'BatchItem', additionalProperties: false, required: ['name', 'build', 'count'])]
final class BatchItemDocument
{
    #[OA\Property(minLength: 1, maxLength: 120)]
    #[Assert\NotBlank(message: 'A build needs a name.', normalizer: 'trim')]
    #[Assert\Length(max: 120, maxMessage: 'A name has at most 120 characters.')]
    public string $name;

    #[OA\Property(ref: CompositionDocument::class)]
    #[Assert\Valid]
    public CompositionDocument $build;

    #[OA\Property(minimum: 1, maximum: 500)]
    #[Assert\Range(min: 1, max: 500, notInRangeMessage: '{{ value }} is not allowed here. Between 1 and 500 are made at once.')]
    public int $count;
}
