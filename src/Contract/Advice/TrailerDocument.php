<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\BellyShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Rig;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerStyle;
use OpenApi\Attributes as OA;

/** The trailer. */
#[OA\Schema(
    schema: 'Trailer',
    additionalProperties: false,
    required: ['style', 'length_in', 'base', 'accents', 'surface', 'opacity', 'belly', 'rig', 'belly_shape'],
)]
final readonly class TrailerDocument
{
    /**
     * @param list<Colour> $accents
     * @param list<Colour> $belly
     */
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
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string', enum: Colour::class),
            description: 'Under the back; empty where it is one color.',
        )]
        public array $belly,
        #[OA\Property(type: 'string', enum: Rig::class)]
        public Rig $rig,
        #[OA\Property(type: 'string', enum: BellyShape::class)]
        public BellyShape $belly_shape,
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
            $trailer->belly,
            $trailer->rig,
            $trailer->bellyShape,
        );
    }
}
