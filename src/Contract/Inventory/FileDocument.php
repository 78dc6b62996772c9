<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The contents of a file that was chosen. In JSON, since no page of another origin can send that. */
#[OA\Schema(schema: 'File', additionalProperties: false)]
final readonly class FileDocument
{
    /** A table of a hundred thousand parts is about half of it. */
    public const MOST_BYTES = 32_000_000;

    public function __construct(
        #[OA\Property(maxLength: self::MOST_BYTES)]
        #[Assert\Length(max: self::MOST_BYTES, maxMessage: 'The file is too large. The limit is 32 MB.', charset: '8bit')]
        public string $contents,
    ) {
    }
}
