<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Colour;
use Kontrast\Lure\ColourLayout;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Trim;
use OpenApi\Attributes as OA;

/** The skirt. */
#[OA\Schema(schema: 'Skirt', additionalProperties: false)]
final readonly class SkirtDocument
{
    /**
     * @param list<Colour> $accents
     * @param list<Colour> $belly
     */
    public function __construct(
        public Colour $base,
        public array $accents,
        public Opacity $opacity,
        public SkirtMaterial $material,
        public Trim $trim,
        #[OA\Property(description: 'Under the back of a split skirt; empty where the strands are mixed.')]
        public array $belly,
        public Strands $strands,
        #[OA\Property(description: 'How much of it the accents are; null without any.')]
        public ?AccentShare $accent_share,
        public ColourLayout $layout,
    ) {
    }

    public static function of(Skirt $skirt): self
    {
        return new self(
            $skirt->base,
            $skirt->accents,
            $skirt->opacity,
            $skirt->material,
            $skirt->trim,
            $skirt->belly,
            $skirt->strands,
            $skirt->accentShare,
            $skirt->layout,
        );
    }
}
