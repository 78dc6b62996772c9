<?php

declare(strict_types=1);

namespace App\Api\Document;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The contents of a file that was chosen. In JSON, since no page of another origin can send that. */
#[OA\Schema(schema: 'File', additionalProperties: false, required: ['contents'])]
final class FileDocument
{
    public const MOST_BYTES = 20_000_000;

    #[OA\Property(maxLength: self::MOST_BYTES)]
    #[Assert\Length(max: self::MOST_BYTES, maxMessage: 'The file is too large. At most 20 MB are read.', charset: '8bit')]
    public string $contents;
}
