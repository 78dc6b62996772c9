<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Opacity;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Reading\Colour;
use OpenApi\Attributes as OA;

/** The trailer. */
#[OA\Schema(schema: 'Trailer', additionalProperties: false, required: ['style', 'length_in', 'base', 'accents', 'surface', 'opacity'])]
final readonly class TrailerDocument
{
    /** @param list<Colour> $accents */
    public function __construct(
        #[OA\Property(type: 'string', enum: TrailerStyle::class)]
        public TrailerStyle $style,
        #[OA\Property]
        public float $length_in,
        #[OA\Property(type: 'string', enum: Colour::class)]
        public Colour $base,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Colour::class))]
        public array $accents,
        #[OA\Property(type: 'string', enum: Surface::class)]
        public Surface $surface,
        #[OA\Property(type: 'string', enum: Opacity::class)]
        public Opacity $opacity,
    ) {
    }

    public static function of(Trailer $trailer): self
    {
        return new self(
            $trailer->style,
            round($trailer->length->inInches(), 3),
            $trailer->base,
            $trailer->accents,
            $trailer->surface,
            $trailer->opacity,
        );
    }
}
