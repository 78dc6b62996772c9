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
    required: ['lure', 'head', 'blades', 'skirt', 'trailer', 'trailer_hook', 'measures'],
)]
final readonly class BuildDocument
{
    /** @param list<BladeDocument> $blades */
    public function __construct(
        #[OA\Property(type: 'string', enum: LureKind::class)]
        public LureKind $lure,
        #[OA\Property(ref: HeadDocument::class)]
        public HeadDocument $head,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BladeDocument::class), maxItems: 2)]
        public array $blades,
        #[OA\Property(ref: SkirtDocument::class, nullable: true)]
        public ?SkirtDocument $skirt,
        #[OA\Property(ref: TrailerDocument::class, nullable: true)]
        public ?TrailerDocument $trailer,
        #[OA\Property(ref: TrailerHookDocument::class, nullable: true)]
        public ?TrailerHookDocument $trailer_hook,
        #[OA\Property(ref: MeasuresDocument::class)]
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
