<?php

declare(strict_types=1);

namespace App\Contract\Reading;

use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Schools;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\WoodSchool;
use OpenApi\Attributes as OA;

/** The angler's side on each question the trade disagrees on; what is left out takes its default. */
#[OA\Schema(schema: 'Schools', additionalProperties: false)]
final readonly class SchoolsDocument
{
    public function __construct(
        #[OA\Property(description: 'If left out:  ladder.')]
        public ?PairingSchool $pairing = null,
        #[OA\Property(description: 'If left out:  water_then_sun.')]
        public ?FinishSchool $finish = null,
        #[OA\Property(description: 'If left out:  dark.')]
        public ?DirtySchool $dirty = null,
        #[OA\Property(description: 'If left out:  clarity.')]
        public ?ShadStartSchool $shad_start = null,
        #[OA\Property(description: 'If left out:  where_they_turn.')]
        public ?RedSpringSchool $red_spring = null,
        #[OA\Property(description: 'If left out:  knock.')]
        public ?WoodSchool $wood = null,
    ) {
    }

    public static function of(Schools $schools): self
    {
        return new self(
            pairing: $schools->pairing,
            finish: $schools->finish,
            dirty: $schools->dirty,
            shad_start: $schools->shadStart,
            red_spring: $schools->redSpring,
            wood: $schools->wood,
        );
    }

    public function toSchools(): Schools
    {
        $usual = new Schools();

        return new Schools(
            $this->pairing ?? $usual->pairing,
            $this->finish ?? $usual->finish,
            $this->dirty ?? $usual->dirty,
            $this->shad_start ?? $usual->shadStart,
            $this->red_spring ?? $usual->redSpring,
            $this->wood ?? $usual->wood,
        );
    }
}
