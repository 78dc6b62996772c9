<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\AccentShare;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
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
)]
final readonly class TrailerDocument
{
    /**
     * @param list<Colour> $accents
     * @param list<Colour> $belly
     */
    public function __construct(
        public TrailerStyle $style,
        public float $length_in,
        public Colour $base,
        public array $accents,
        public Surface $surface,
        public Opacity $opacity,
        #[OA\Property(description: 'Under the back; empty where it is one color.')]
        public array $belly,
        public Rig $rig,
        public BellyShape $belly_shape,
        #[OA\Property(description: 'How much of it the accents are; null without any.')]
        public ?AccentShare $accent_share,
        public ColourLayout $layout,
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
            $trailer->accentShare,
            $trailer->layout,
        );
    }
}
