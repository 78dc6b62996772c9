<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BellyShape;
use Kontrast\Lure\Blade;
use Kontrast\Lure\BladeLayout;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Head;
use Kontrast\Lure\HeadForm;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\Keeper;
use Kontrast\Lure\Line;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\NumberRange;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Pace;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\Retrieve;
use Kontrast\Lure\RetrieveName;
use Kontrast\Lure\Rig;
use Kontrast\Lure\RodAction;
use Kontrast\Lure\RodPower;
use Kontrast\Lure\Run;
use Kontrast\Lure\Skirt;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Tackle;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerHook;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Lure\WeightRange;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Reading;

/** Puts settled picks together into a lure. */
final class Assembly
{
    /** Rock shallower than this is no football's. (Chosen; Z9 says deep.) */
    private const SHALLOW_ROCK_FT = 8;

    /** @var list<Slot>|null */
    private ?array $inUse = null;

    public function __construct(public readonly Decision $decision)
    {
    }

    public function build(): Build
    {
        $reading = $this->decision->reading;

        return new Build(
            $reading->lure,
            new Head(
                $this->one(Slot::Weight, Weight::class),
                $this->one(Slot::WeightRange, WeightRange::class),
                $this->one(Slot::HeadColour, Colour::class),
                $this->one(Slot::HeadMaterial, HeadMaterial::class),
                belly: $this->decision->pick(Slot::HeadBelly, Colour::class),
                eye: $this->decision->isTrue(Slot::HeadEye),
                form: self::form($reading),
                keeper: self::keeper($reading),
            ),
            $this->blades(),
            $this->skirt(),
            $this->trailer(),
            $reading->lure->takesTrailerHook()
                ? new TrailerHook($this->decision->isTrue(Slot::HookFitted), $this->one(Slot::HookSize, HookSize::class))
                : null,
            $reading->arm ?? Arm::Long,
        );
    }

    /** Blade, skirt and trailer as one; null for a lure without a blade. */
    public function set(): ?LureSet
    {
        return $this->decision->pick(Slot::Set, LureSet::class);
    }

    /** How skirt and trailer go together; null where one of them is missing. */
    public function pairing(): ?Pairing
    {
        return \in_array(Slot::Pairing, $this->slotsInUse(), true) ? $this->one(Slot::Pairing, Pairing::class) : null;
    }

    public function retrieve(): Retrieve
    {
        return new Retrieve(
            $this->one(Slot::RetrieveName, RetrieveName::class),
            $this->one(Slot::RetrievePace, Pace::class),
            $this->one(Slot::RetrieveRun, Run::class),
        );
    }

    public function tackle(): Tackle
    {
        return new Tackle(
            $this->one(Slot::TackleLine, Line::class),
            $this->one(Slot::TackleTest, NumberRange::class),
            $this->one(Slot::TackleRod, NumberRange::class),
            $this->one(Slot::TackleGear, NumberRange::class),
            $this->one(Slot::TacklePower, RodPower::class),
            $this->one(Slot::TackleAction, RodAction::class),
        );
    }

    /**
     * The one answer to a question.
     *
     * @template T of object
     *
     * @param class-string<T> $type
     *
     * @return T
     *
     * @throws \LogicException where the book leaves the question open, which its tests rule out
     */
    public function one(Slot $slot, string $type): object
    {
        return $this->decision->pick($slot, $type) ?? throw new \LogicException("The rulebook leaves {$slot->value} open.");
    }

    /** @return list<string> the values picked, as keys; empty where the lure ends up without the part */
    public function keys(Slot $slot): array
    {
        if (!\in_array($slot, $this->slotsInUse(), true)) {
            return [];
        }

        return array_map(static fn (Value $value): string => $value->key, $this->decision->on($slot)->winners ?? []);
    }

    /**
     * The questions that bear on the lure as it ends up: no blade picks on a jig, no skirt picks on a skirtless lure.
     *
     * @return list<Slot>
     */
    public function slotsInUse(): array
    {
        return $this->inUse ??= array_values(array_filter(Slot::cases(), $this->isInUse(...)));
    }

    private function isInUse(Slot $slot): bool
    {
        return isset($this->decision->tallies[$slot->value]) && match ($slot) {
            Slot::FrontFinish, Slot::FrontShape, Slot::FrontSize => $this->isTandem(),
            Slot::Darkened => $this->decision->isTrue(Slot::Darkened),
            Slot::SkirtBase, Slot::SkirtBelly, Slot::SkirtAccents, Slot::SkirtOpacity, Slot::SkirtMaterial,
            Slot::SkirtStrands => $this->hasSkirt(),
            Slot::TrailerStyle, Slot::TrailerLength, Slot::TrailerBase, Slot::TrailerBelly, Slot::TrailerAccents, Slot::TrailerSurface,
            Slot::TrailerOpacity, Slot::TrailerRig, Slot::TrailerBellyShape => $this->hasTrailer(),
            // Beside a bare skirt, or under no skirt, there is nothing to pair.
            Slot::Pairing => $this->hasSkirt() && $this->hasTrailer(),
            Slot::HookSize => $this->decision->isTrue(Slot::HookFitted),
            default => true,
        };
    }

    private function isTandem(): bool
    {
        return BladeLayout::Tandem === $this->decision->pick(Slot::BladeLayout, BladeLayout::class);
    }

    public function hasTrailer(): bool
    {
        return $this->decision->isTrue(Slot::TrailerFitted);
    }

    private function hasSkirt(): bool
    {
        return SkirtForm::None !== $this->decision->pick(Slot::SkirtForm, SkirtForm::class);
    }

    /** @return list<Blade> */
    private function blades(): array
    {
        if (!Slot::Finish->belongsTo($this->decision->reading->lure)) {
            return [];
        }
        $tandem = $this->isTandem();
        $main = new Blade(
            $tandem ? BladePosition::Rear : BladePosition::Single,
            $this->one(Slot::MainShape, BladeShape::class),
            $this->one(Slot::MainSize, BladeSize::class),
            $this->one(Slot::Finish, Finish::class),
            $this->decision->isTrue(Slot::Darkened),
        );

        return $tandem ? [new Blade(
            BladePosition::Front,
            $this->one(Slot::FrontShape, BladeShape::class),
            $this->one(Slot::FrontSize, BladeSize::class),
            $this->one(Slot::FrontFinish, Finish::class),
            $this->decision->isTrue(Slot::Darkened),
        ), $main] : [$main];
    }

    /** A football deep on rock (Z9); one that skips under docks (T1, R1); else the one that comes through its cover. (Common practice.) */
    private static function form(Reading $reading): HeadForm
    {
        return match ($reading->lure) {
            LureKind::Jig => match ($reading->cover) {
                Cover::Rock => $reading->depth->isLongerThan(Length::feet(self::SHALLOW_ROCK_FT)) ? HeadForm::Football : HeadForm::Ball,
                Cover::Dock => HeadForm::Flat,
                default => HeadForm::Arrow,
            },
            LureKind::SwimJig => HeadForm::Bullet,
            LureKind::Spinnerbait => HeadForm::Arrow,
            LureKind::BladedJig => HeadForm::Ball,
        };
    }

    /** A screw lock stands repeated skipping, many points hold where a plain barb lets go (T11). */
    private static function keeper(Reading $reading): Keeper
    {
        return match ($reading->cover) {
            Cover::Dock => Keeper::ScrewLock,
            Cover::Open => Keeper::Barb,
            default => Keeper::MultiBarb,
        };
    }

    private function skirt(): ?Skirt
    {
        return $this->hasSkirt() ? new Skirt(
            $this->one(Slot::SkirtBase, Colour::class),
            $this->decision->picks(Slot::SkirtAccents, Colour::class),
            $this->one(Slot::SkirtOpacity, Opacity::class),
            $this->one(Slot::SkirtMaterial, SkirtMaterial::class),
            SkirtForm::LongTail === $this->one(Slot::SkirtForm, SkirtForm::class) ? Trim::LongTail : Trim::HookBend,
            $this->decision->picks(Slot::SkirtBelly, Colour::class),
            $this->one(Slot::SkirtStrands, Strands::class),
        ) : null;
    }

    private function trailer(): ?Trailer
    {
        return $this->hasTrailer() ? new Trailer(
            $this->one(Slot::TrailerStyle, TrailerStyle::class),
            $this->one(Slot::TrailerLength, Length::class),
            $this->one(Slot::TrailerBase, Colour::class),
            $this->decision->picks(Slot::TrailerAccents, Colour::class),
            $this->one(Slot::TrailerSurface, Surface::class),
            $this->one(Slot::TrailerOpacity, Opacity::class),
            $this->decision->picks(Slot::TrailerBelly, Colour::class),
            $this->one(Slot::TrailerRig, Rig::class),
            $this->one(Slot::TrailerBellyShape, BellyShape::class),
        ) : null;
    }
}
