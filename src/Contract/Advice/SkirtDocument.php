<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Trim;
use OpenApi\Attributes as OA;

/** The skirt. */
#[OA\Schema(schema: 'Skirt', additionalProperties: false, required: ['base', 'accents', 'opacity', 'material', 'trim', 'belly', 'strands'])]
final readonly class SkirtDocument
{
    /**
     * @param list<Colour> $accents
     * @param list<Colour> $belly
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: Colour::class)]
        public Colour $base,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: Colour::class))]
        public array $accents,
        #[OA\Property(type: 'string', enum: Opacity::class)]
        public Opacity $opacity,
        #[OA\Property(type: 'string', enum: SkirtMaterial::class)]
        public SkirtMaterial $material,
        #[OA\Property(type: 'string', enum: Trim::class)]
        public Trim $trim,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'string', enum: Colour::class),
            description: 'Under the back of a split skirt; empty where the strands are mixed.',
        )]
        public array $belly,
        #[OA\Property(type: 'string', enum: Strands::class)]
        public Strands $strands,
    ) {
    }

    public static function of(Skirt $skirt): self
    {
        return new self($skirt->base, $skirt->accents, $skirt->opacity, $skirt->material, $skirt->trim, $skirt->belly, $skirt->strands);
    }
}
