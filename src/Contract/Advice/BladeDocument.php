<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Blade;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Finish;
use OpenApi\Attributes as OA;

/** One blade. */
#[OA\Schema(schema: 'Blade', additionalProperties: false, required: ['position', 'shape', 'size', 'finish', 'darkened'])]
final readonly class BladeDocument
{
    public function __construct(
        #[OA\Property(type: 'string', enum: BladePosition::class)]
        public BladePosition $position,
        #[OA\Property(type: 'string', enum: BladeShape::class)]
        public BladeShape $shape,
        #[OA\Property(minimum: 1, maximum: 7)]
        public int $size,
        #[OA\Property(type: 'string', enum: Finish::class)]
        public Finish $finish,
        #[OA\Property(description: 'Metal darkened with a black permanent marker.')]
        public bool $darkened,
    ) {
    }

    public static function of(Blade $blade): self
    {
        return new self($blade->position, $blade->shape, $blade->size->number, $blade->finish, $blade->darkened);
    }
}
