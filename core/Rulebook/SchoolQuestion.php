<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Schools;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\WoodSchool;

/**
 * A question on which the trade disagrees (D1 to D6); the value is its name in a reading.
 *
 * @phpstan-import-type School from Rule
 */
enum SchoolQuestion: string
{
    case Pairing = 'pairing';
    case Finish = 'finish';
    case Dirty = 'dirty';
    case ShadStart = 'shad_start';
    case RedSpring = 'red_spring';
    case Wood = 'wood';

    /** @return list<School> */
    public function schools(): array
    {
        return match ($this) {
            self::Pairing => PairingSchool::cases(),
            self::Finish => FinishSchool::cases(),
            self::Dirty => DirtySchool::cases(),
            self::ShadStart => ShadStartSchool::cases(),
            self::RedSpring => RedSpringSchool::cases(),
            self::Wood => WoodSchool::cases(),
        };
    }

    /** @return School */
    public function chosen(Schools $schools): PairingSchool|FinishSchool|DirtySchool|ShadStartSchool|RedSpringSchool|WoodSchool
    {
        return match ($this) {
            self::Pairing => $schools->pairing,
            self::Finish => $schools->finish,
            self::Dirty => $schools->dirty,
            self::ShadStart => $schools->shadStart,
            self::RedSpring => $schools->redSpring,
            self::Wood => $schools->wood,
        };
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
            self::Finish => [Slot::Finish, Slot::FrontFinish],
            self::Dirty, self::ShadStart => [Slot::SkirtBase, Slot::SkirtAccents],
            self::RedSpring => [Slot::SkirtAccents, Slot::TrailerAccents, Slot::SkirtBase],
            self::Wood => [Slot::Lure, Slot::Weight],
        };
    }

    /** The question a school answers. */
    public static function of(\BackedEnum $school): self
    {
        return match (true) {
            $school instanceof PairingSchool => self::Pairing,
            $school instanceof FinishSchool => self::Finish,
            $school instanceof DirtySchool => self::Dirty,
            $school instanceof ShadStartSchool => self::ShadStart,
            $school instanceof RedSpringSchool => self::RedSpring,
            $school instanceof WoodSchool => self::Wood,
            default => throw new \LogicException($school::class.' is no school.'),
        };
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
        };
    }
}
