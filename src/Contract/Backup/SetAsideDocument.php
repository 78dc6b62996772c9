<?php

declare(strict_types=1);

namespace App\Contract\Backup;

use App\Contract\Constraint\Text;
use App\Contract\Stored\StoredAs;
use OpenApi\Attributes as OA;

/** A stored document that cannot be read, as it is, and why. */
#[OA\Schema(schema: 'SetAside', additionalProperties: false)]
final readonly class SetAsideDocument
{
    public const MOST_NAME = 120;

    public function __construct(
        public StoredAs $kind,
        #[Text(36, 'An id')]
        public string $id,
        #[Text(self::MOST_NAME, 'A name')]
        public string $name,
        #[Text(1000, 'A reason')]
        public string $reason,
        #[OA\Property(description: 'The document exactly as stored; it may not be JSON.')]
        public string $document,
    ) {
    }
}
