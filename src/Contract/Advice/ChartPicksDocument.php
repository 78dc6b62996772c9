<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Pairing;
use Kontrast\Rulebook\Assembly;
use OpenApi\Attributes as OA;

/** What to tie, without what explains it. */
#[OA\Schema(schema: 'ChartPicks', additionalProperties: false)]
final readonly class ChartPicksDocument
{
    /** @param list<BladeDocument> $blades */
    public function __construct(
        public LureKind $lure,
        public HeadDocument $head,
        #[OA\Property(maxItems: 2)]
        public array $blades,
        public ?SkirtDocument $skirt,
        public ?TrailerDocument $trailer,
        public ?LureSet $set,
        public ?Pairing $pairing,
        public ?TrailerHookDocument $trailer_hook,
        public MeasuresDocument $measures,
    ) {
    }

    public static function of(Assembly $lure): self
    {
        $build = BuildDocument::of($lure->build());

        return new self(
            $build->lure,
            $build->head,
            $build->blades,
            $build->skirt,
            $build->trailer,
            $lure->set(),
            $lure->pairing(),
            $build->trailer_hook,
            $build->measures,
        );
    }
}
