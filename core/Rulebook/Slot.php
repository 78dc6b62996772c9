<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

use Kontrast\Reading\HasLabel;
use Kontrast\Reading\LureKind;

/**
 * The questions an advice answers, in the order in which they are settled: a rule may look at what was settled
 * before it, never at what comes after. The value is the path of the pick in the advice document.
 */
enum Slot: string
{
    use HasLabel;

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
    public function capacity(): int
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
            self::BladeLayout, self::FrontShape, self::FrontSize, self::FrontFinish, self::HookFitted,
            self::HookSize => LureKind::Spinnerbait === $kind,
            self::Finish, self::Darkened, self::MainShape,
            self::MainSize => LureKind::Spinnerbait === $kind || LureKind::BladedJig === $kind,
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
            self::WeightRange->value => 'weights that serve',
            self::HeadColour->value => 'head colour',
            self::BladeLayout->value => 'how many blades',
            self::Finish->value => 'finish',
            self::Darkened->value => 'dulled',
            self::FrontFinish->value => 'front finish',
            self::MainShape->value => 'shape',
            self::MainSize->value => 'size',
            self::FrontShape->value => 'front shape',
            self::FrontSize->value => 'front size',
            self::SkirtForm->value => 'cut',
            self::SkirtBase->value => 'base',
            self::SkirtAccents->value => 'accent',
            self::SkirtOpacity->value => 'see-through or solid',
            self::SkirtMaterial->value => 'strands',
            self::TrailerFitted->value => 'trailer or none',
            self::TrailerStyle->value => 'style',
            self::TrailerLength->value => 'length',
            self::TrailerBase->value => 'base',
            self::TrailerAccents->value => 'accent',
            self::TrailerSurface->value => 'skin',
            self::TrailerOpacity->value => 'see-through or solid',
            self::HookFitted->value => 'on or off',
            self::HookSize->value => 'size',
            self::HeadMaterial->value => 'head metal',
            self::Pairing->value => 'pairing',
        ];
    }
}
