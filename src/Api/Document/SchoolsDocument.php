<?php

declare(strict_types=1);

namespace App\Api\Document;

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
final class SchoolsDocument
{
    #[OA\Property(type: 'string', enum: PairingSchool::class, default: 'ladder')]
    public PairingSchool $pairing = PairingSchool::Ladder;
    #[OA\Property(type: 'string', enum: FinishSchool::class, default: 'water_then_sun')]
    public FinishSchool $finish = FinishSchool::WaterThenSun;
    #[OA\Property(type: 'string', enum: DirtySchool::class, default: 'dark')]
    public DirtySchool $dirty = DirtySchool::Dark;
    #[OA\Property(type: 'string', enum: ShadStartSchool::class, default: 'clarity')]
    public ShadStartSchool $shad_start = ShadStartSchool::Clarity;
    #[OA\Property(type: 'string', enum: RedSpringSchool::class, default: 'where_they_turn')]
    public RedSpringSchool $red_spring = RedSpringSchool::WhereTheyTurn;
    #[OA\Property(type: 'string', enum: WoodSchool::class, default: 'knock')]
    public WoodSchool $wood = WoodSchool::Knock;

    public function toSchools(): Schools
    {
        return new Schools($this->pairing, $this->finish, $this->dirty, $this->shad_start, $this->red_spring, $this->wood);
    }
}
