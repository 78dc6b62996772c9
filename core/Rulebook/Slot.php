<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Lure\HasLabel;
use Kontrast\Lure\LureKind;

/**
 * The questions an advice answers, in the order in which they are settled: a rule may look at what was settled
 * before it, never at what comes after. The value is the path of the pick in the advice document.
 */
enum Slot: string
{
    use HasLabel;

    /** What a fish sees of a lure: the picks that make it look like another one. */
    public const SEEN = [self::Finish, self::SkirtBase, self::TrailerStyle, self::TrailerBase];

    case Lure = 'lure';
    case Profile = 'profile';
    case Intent = 'intent';
    case Set = 'set';
    case Pairing = 'pairing';
    case Weight = 'head.weight_oz';
    case WeightRange = 'head.weight_range_oz';
    case HeadMaterial = 'head.material';
    case BladeLayout = 'blades.layout';
    case Finish = 'blades.finish';
    case Darkened = 'blades.darkened';
    case FrontFinish = 'blades.front.finish';
    case MainShape = 'blades.shape';
    case MainSize = 'blades.size';
    case FrontShape = 'blades.front.shape';
    case FrontSize = 'blades.front.size';
    case SkirtForm = 'skirt.trim';
    case SkirtBase = 'skirt.base';
    case SkirtBelly = 'skirt.belly';
    case SkirtAccents = 'skirt.accents';
    case SkirtOpacity = 'skirt.opacity';
    case SkirtMaterial = 'skirt.material';
    case SkirtStrands = 'skirt.strands';
    case TrailerFitted = 'trailer';
    case TrailerStyle = 'trailer.style';
    case TrailerLength = 'trailer.length_in';
    case TrailerBase = 'trailer.base';
    case TrailerBelly = 'trailer.belly';
    case TrailerAccents = 'trailer.accents';
    case TrailerSurface = 'trailer.surface';
    case TrailerOpacity = 'trailer.opacity';
    case TrailerRig = 'trailer.rig';
    case TrailerBellyShape = 'trailer.belly_shape';
    case HookFitted = 'trailer_hook.fit';
    case HookSize = 'trailer_hook.size';
    case HeadColour = 'head.colour';
    case HeadBelly = 'head.belly';
    case HeadEye = 'head.eye';
    case RetrieveName = 'retrieve.name';
    case RetrievePace = 'retrieve.pace';
    case RetrieveRun = 'retrieve.run';
    case TackleLine = 'tackle.line';
    case TackleTest = 'tackle.line_lb';
    case TackleRod = 'tackle.rod_in';
    case TacklePower = 'tackle.rod_power';
    case TackleAction = 'tackle.rod_action';
    case TackleGear = 'tackle.gear_ratio';
    /** Which kind suits the water, whichever was asked for; asked apart from the rest, @see LureRanking. */
    case LureRanking = 'lure_ranking';

    /** The slot whose colour this one must differ from. */
    public function base(): ?self
    {
        return match ($this) {
            self::SkirtAccents, self::SkirtBelly => self::SkirtBase,
            self::TrailerAccents, self::TrailerBelly => self::TrailerBase,
            self::HeadBelly => self::HeadColour,
            default => null,
        };
    }

    /** How many values the slot can hold at once. */
    public function capacity(): int
    {
        return match ($this) {
            self::SkirtAccents, self::TrailerAccents, self::SkirtBelly, self::TrailerBelly => 2,
            default => 1,
        };
    }

    /** Whether a lure of this kind has such a part at all. */
    public function belongsTo(LureKind $kind): bool
    {
        return match ($this) {
            self::BladeLayout, self::FrontShape, self::FrontSize, self::FrontFinish => $kind->hasTandem(),
            self::HookFitted, self::HookSize => $kind->takesTrailerHook(),
            self::Set, self::Finish, self::Darkened, self::MainShape, self::MainSize => $kind->hasBlade(),
            self::LureRanking => false,
            default => true,
        };
    }

    /** The part of the lure it belongs to; "lure" for what concerns the whole. */
    public function part(): string
    {
        return match (true) {
            str_contains($this->value, '.') => explode('.', $this->value)[0],
            self::TrailerFitted === $this => 'trailer',
            default => 'lure',
        };
    }

    /** Where this stands in the order of settling. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Weight->value => 'weight',
            self::WeightRange->value => 'weights that work',
            self::HeadColour->value => 'head color',
            self::HeadBelly->value => 'head belly',
            self::HeadEye->value => 'eye',
            self::RetrieveName->value => 'retrieve',
            self::RetrievePace->value => 'pace',
            self::RetrieveRun->value => 'running depth',
            self::TackleLine->value => 'line',
            self::TackleTest->value => 'line strength',
            self::TackleRod->value => 'rod length',
            self::TacklePower->value => 'rod power',
            self::TackleAction->value => 'rod action',
            self::TackleGear->value => 'gear ratio',
            self::BladeLayout->value => 'blades',
            self::Finish->value => 'finish',
            self::Darkened->value => 'darkened',
            self::FrontFinish->value => 'front finish',
            self::MainShape->value => 'shape',
            self::MainSize->value => 'size',
            self::FrontShape->value => 'front shape',
            self::FrontSize->value => 'front size',
            self::SkirtForm->value => 'cut',
            self::SkirtBase->value => 'base',
            self::SkirtAccents->value => 'accent',
            self::SkirtBelly->value => 'belly',
            self::SkirtStrands->value => 'strand pattern',
            self::SkirtOpacity->value => 'see-through or solid',
            self::SkirtMaterial->value => 'material',
            self::TrailerFitted->value => 'trailer or none',
            self::TrailerStyle->value => 'style',
            self::TrailerLength->value => 'length',
            self::TrailerBase->value => 'base',
            self::TrailerAccents->value => 'accent',
            self::TrailerBelly->value => 'belly',
            self::TrailerRig->value => 'rig',
            self::TrailerBellyShape->value => 'belly shape',
            self::TrailerSurface->value => 'surface',
            self::TrailerOpacity->value => 'see-through or solid',
            self::HookFitted->value => 'on or off',
            self::HookSize->value => 'size',
            self::HeadMaterial->value => 'head metal',
            self::Pairing->value => 'pairing',
        ];
    }
}
