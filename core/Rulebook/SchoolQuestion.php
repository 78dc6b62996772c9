<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\JigClearSchool;
use Kontrast\Reading\JigStrandsSchool;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\School;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\ShallowLineSchool;
use Kontrast\Reading\SpinnerbaitTrailerSchool;
use Kontrast\Reading\StainedTrailerSchool;
use Kontrast\Reading\StrandsSchool;
use Kontrast\Reading\WarmingGrassSchool;
use Kontrast\Reading\WoodSchool;

/** A question on which the trade disagrees (D1 to D14; D10 is a school of D2); the value is its name in a reading. */
enum SchoolQuestion: string
{
    case Pairing = 'pairing';
    case Finish = 'finish';
    case Dirty = 'dirty';
    case ShadStart = 'shad_start';
    case RedSpring = 'red_spring';
    case Wood = 'wood';
    case StainedTrailer = 'stained_shad_trailer';
    case Strands = 'strands';
    case ShallowLine = 'shallow_line';
    case WarmingGrass = 'warming_grass';
    case JigStrands = 'jig_strands';
    case JigClear = 'jig_clear';
    case SpinnerbaitTrailer = 'spinnerbait_trailer';

    /** @return non-empty-list<School> */
    public function schools(): array
    {
        return match ($this) {
            self::Pairing => PairingSchool::cases(),
            self::Finish => FinishSchool::cases(),
            self::Dirty => DirtySchool::cases(),
            self::ShadStart => ShadStartSchool::cases(),
            self::RedSpring => RedSpringSchool::cases(),
            self::Wood => WoodSchool::cases(),
            self::StainedTrailer => StainedTrailerSchool::cases(),
            self::Strands => StrandsSchool::cases(),
            self::ShallowLine => ShallowLineSchool::cases(),
            self::WarmingGrass => WarmingGrassSchool::cases(),
            self::JigStrands => JigStrandsSchool::cases(),
            self::JigClear => JigClearSchool::cases(),
            self::SpinnerbaitTrailer => SpinnerbaitTrailerSchool::cases(),
        };
    }

    /** The angler's side, or what is usual in this water. */
    public function chosen(Reading $reading): School
    {
        $first = $this->schools()[0];

        return $reading->sideOn($first) ?? $first;
    }

    /**
     * The picks a change of school is judged by, most telling first.
     *
     * @return list<Slot>
     */
    public function slots(): array
    {
        return match ($this) {
            self::Pairing => [Slot::Pairing, Slot::TrailerBase, Slot::TrailerAccents],
            self::Finish => [Slot::Set, Slot::Finish, Slot::FrontFinish],
            self::Dirty => [Slot::SkirtBase, Slot::SkirtAccents, Slot::Set, Slot::Finish],
            self::ShadStart => [Slot::SkirtBase, Slot::SkirtAccents],
            self::RedSpring => [Slot::SkirtAccents, Slot::TrailerAccents, Slot::SkirtBase],
            self::Wood => [Slot::Lure, Slot::Weight],
            self::StainedTrailer => [Slot::TrailerBase, Slot::TrailerAccents],
            self::Strands => [Slot::SkirtStrands, Slot::SkirtOpacity],
            self::ShallowLine => [Slot::TackleLine],
            self::WarmingGrass => [Slot::SkirtForm],
            self::JigStrands => [Slot::SkirtMaterial],
            self::JigClear => [Slot::SkirtBase],
            self::SpinnerbaitTrailer => [Slot::TrailerFitted, Slot::SkirtForm],
        };
    }

    /** The question a school answers. */
    public static function of(School $school): self
    {
        foreach (self::cases() as $question) {
            if ($question->schools()[0] instanceof $school) {
                return $question;
            }
        }

        throw new \LogicException($school::class.' answers no question.');
    }

    public function fact(): string
    {
        return match ($this) {
            self::Pairing => 'D1',
            self::Finish => 'D2',
            self::Dirty => 'D3',
            self::ShadStart => 'D4',
            self::RedSpring => 'D5',
            self::Wood => 'D6',
            self::StainedTrailer => 'D7',
            self::Strands => 'D8',
            self::ShallowLine => 'D9',
            self::WarmingGrass => 'D11',
            self::JigStrands => 'D12',
            self::JigClear => 'D13',
            self::SpinnerbaitTrailer => 'D14',
        };
    }
}
