<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\TrailerHook;
use OpenApi\Attributes as OA;

/** The second hook of a spinnerbait. */
#[OA\Schema(schema: 'TrailerHook', additionalProperties: false, required: ['fit', 'size', 'point'])]
final readonly class TrailerHookDocument
{
    public function __construct(
        public bool $fit,
        #[OA\Property(pattern: '^[1-5]/0$', description: 'The size to use, or that would be used if one were fitted.')]
        public string $size,
        #[OA\Property(enum: ['up'])]
        public string $point = 'up',
    ) {
    }

    public static function of(TrailerHook $hook): self
    {
        return new self($hook->fit, $hook->size->label());
    }
}
