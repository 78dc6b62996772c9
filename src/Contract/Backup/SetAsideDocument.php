<?php

declare(strict_types=1);

namespace App\Contract\Backup;

use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A stored document that cannot be read, as it is, and why. */
#[OA\Schema(schema: 'SetAside', additionalProperties: false, required: ['kind', 'id', 'name', 'reason', 'document'])]
final readonly class SetAsideDocument
{
    public const MOST_NAME = 120;
    public const KINDS = ['reading', 'settings', 'part', 'build', 'workbench', 'trip', 'box', 'stint', 'trial'];

    public function __construct(
        #[OA\Property(enum: self::KINDS)]
        #[Assert\Choice(choices: self::KINDS, message: '{{ value }} is not allowed here. Allowed: {{ choices }}.')]
        public string $kind,
        #[OA\Property]
        #[Text(36, 'An id')]
        public string $id,
        #[OA\Property]
        #[Text(self::MOST_NAME, 'A name')]
        public string $name,
        #[OA\Property]
        #[Text(1000, 'A reason')]
        public string $reason,
        #[OA\Property(description: 'The document exactly as stored; it may not be JSON.')]
        public string $document,
    ) {
    }
}
