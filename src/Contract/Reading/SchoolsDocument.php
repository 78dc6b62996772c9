<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\JigClearSchool;
use Kontrast\Reading\JigStrandsSchool;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Schools;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\ShallowLineSchool;
use Kontrast\Reading\SpinnerbaitTrailerSchool;
use Kontrast\Reading\StainedTrailerSchool;
use Kontrast\Reading\StrandsSchool;
use Kontrast\Reading\WarmingGrassSchool;
use Kontrast\Reading\WoodSchool;
use OpenApi\Attributes as OA;

/** The angler's side on each question the trade disagrees on; what is left out takes its default. */
#[OA\Schema(schema: 'Schools', additionalProperties: false)]
final readonly class SchoolsDocument
{
    public function __construct(
        #[OA\Property(description: 'If left out: ladder.')]
        public ?PairingSchool $pairing = null,
        #[OA\Property(description: 'If left out: water_then_sun.')]
        public ?FinishSchool $finish = null,
        public ?DirtyBaseDocument $dirty = null,
        #[OA\Property(description: 'If left out: clarity.')]
        public ?ShadStartSchool $shad_start = null,
        #[OA\Property(description: 'If left out: where_they_turn.')]
        public ?RedSpringSchool $red_spring = null,
        #[OA\Property(description: 'If left out: knock.')]
        public ?WoodSchool $wood = null,
        #[OA\Property(description: 'If left out: open.')]
        public ?StainedTrailerSchool $stained_shad_trailer = null,
        #[OA\Property(description: 'If left out: as_clarity.')]
        public ?StrandsSchool $strands = null,
        #[OA\Property(description: 'If left out: fluorocarbon.')]
        public ?ShallowLineSchool $shallow_line = null,
        #[OA\Property(description: 'If left out: skirtless.')]
        public ?WarmingGrassSchool $warming_grass = null,
        #[OA\Property(description: 'If left out: rubber.')]
        public ?JigStrandsSchool $jig_strands = null,
        #[OA\Property(description: 'If left out: open.')]
        public ?JigClearSchool $jig_clear = null,
        #[OA\Property(description: 'If left out: cold_or_dirty.')]
        public ?SpinnerbaitTrailerSchool $spinnerbait_trailer = null,
    ) {
    }

    public static function of(Schools $schools): self
    {
        return new self(
            pairing: $schools->pairing,
            finish: $schools->finish,
            dirty: DirtyBaseDocument::said($schools),
            shad_start: $schools->shadStart,
            red_spring: $schools->redSpring,
            wood: $schools->wood,
            stained_shad_trailer: $schools->stainedTrailer,
            strands: $schools->strands,
            shallow_line: $schools->shallowLine,
            warming_grass: $schools->warmingGrass,
            jig_strands: $schools->jigStrands,
            jig_clear: $schools->jigClear,
            spinnerbait_trailer: $schools->spinnerbaitTrailer,
        );
    }

    public function toSchools(): Schools
    {
        $usual = new Schools();

        return new Schools(
            $this->pairing ?? $usual->pairing,
            $this->finish ?? $usual->finish,
            null,
            $this->shad_start ?? $usual->shadStart,
            $this->red_spring ?? $usual->redSpring,
            $this->wood ?? $usual->wood,
            $this->stained_shad_trailer ?? $usual->stainedTrailer,
            $this->strands ?? $usual->strands,
            $this->shallow_line ?? $usual->shallowLine,
            $this->warming_grass ?? $usual->warmingGrass,
            $this->jig_strands ?? $usual->jigStrands,
            $this->jig_clear ?? $usual->jigClear,
            $this->spinnerbait_trailer ?? $usual->spinnerbaitTrailer,
            $this->dirty?->schools() ?? [],
        );
    }
}
