<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\LureKind;

/**
 * The questions an advice answers, in the order in which they are settled: a rule may look at what was settled
 * before it, never at what comes after. The value is the path of the pick in the advice document.
 */
enum Slot: string
{
    case Lure = 'lure';
    case Profile = 'profile';
    case Intent = 'intent';
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
    case SkirtAccents = 'skirt.accents';
    case SkirtOpacity = 'skirt.opacity';
    case SkirtMaterial = 'skirt.material';
    case TrailerFitted = 'trailer';
    case TrailerStyle = 'trailer.style';
    case TrailerLength = 'trailer.length_in';
    case TrailerBase = 'trailer.base';
    case TrailerAccents = 'trailer.accents';
    case TrailerSurface = 'trailer.surface';
    case TrailerOpacity = 'trailer.opacity';
    case HookFitted = 'trailer_hook.fit';
    case HookSize = 'trailer_hook.size';
    case HeadColour = 'head.colour';

    /** The slot whose colour this one must differ from. */
    public function base(): ?self
    {
        return match ($this) {
            self::SkirtAccents => self::SkirtBase,
            self::TrailerAccents => self::TrailerBase,
            default => null,
        };
    }

    /** How many values the slot can hold at once. */
    public function room(): int
    {
        return match ($this) {
            self::SkirtAccents, self::TrailerAccents => 2,
            default => 1,
        };
    }

    /** Whether a lure of this kind has such a part at all. */
    public function belongsTo(LureKind $kind): bool
    {
        return match ($this) {
            self::BladeLayout, self::FrontShape, self::FrontSize, self::FrontFinish, self::HookFitted, self::HookSize => LureKind::Spinnerbait === $kind,
            self::Finish, self::Darkened, self::MainShape, self::MainSize => LureKind::Spinnerbait === $kind || LureKind::BladedJig === $kind,
            default => true,
        };
    }

    /** Where this stands in the order of settling. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
