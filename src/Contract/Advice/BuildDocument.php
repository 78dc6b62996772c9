<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\Blade;
use Kontrast\Lure\Build;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Measurer;
use OpenApi\Attributes as OA;

/** A lure part by part, with the lengths it comes out at. */
#[OA\Schema(
    schema: 'Build',
    additionalProperties: false,
)]
final readonly class BuildDocument
{
    /** @param list<BladeDocument> $blades */
    public function __construct(
        public LureKind $lure,
        public HeadDocument $head,
        #[OA\Property(maxItems: 2)]
        public array $blades,
        public ?SkirtDocument $skirt,
        public ?TrailerDocument $trailer,
        public ?TrailerHookDocument $trailer_hook,
        public MeasuresDocument $measures,
    ) {
    }

    public static function of(Build $build): self
    {
        return new self(
            $build->kind,
            HeadDocument::of($build->head),
            array_map(static fn (Blade $blade): BladeDocument => BladeDocument::of($blade), $build->blades),
            null === $build->skirt ? null : SkirtDocument::of($build->skirt),
            null === $build->trailer ? null : TrailerDocument::of($build->trailer),
            null === $build->trailerHook ? null : TrailerHookDocument::of($build->trailerHook),
            MeasuresDocument::of(Measurer::measure($build)),
        );
    }
}
