<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Blade;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Finish;
use OpenApi\Attributes as OA;

/** One blade. */
#[OA\Schema(schema: 'Blade', additionalProperties: false)]
final readonly class BladeDocument
{
    public function __construct(
        public BladePosition $position,
        public BladeShape $shape,
        #[OA\Property(minimum: 1, maximum: 7)]
        public int $size,
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
