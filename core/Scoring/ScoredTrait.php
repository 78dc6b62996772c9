<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Reading\HasLabel;

/** What a build gets points for, one by one. */
enum ScoredTrait: string
{
    use HasLabel;

    case HeadWeight = 'head.weight';
    case HeadColour = 'head.colour';
    case BladeFinish = 'blade.finish';
    case BladeShape = 'blade.shape';
    case BladeSize = 'blade.size';
    case BladeGoal = 'blade.aim';
    case BladeLayout = 'blade.layout';
    case FrontFinish = 'front.finish';
    case FrontSize = 'front.size';
    case BladeOffSkirt = 'blade.off_skirt';
    case Skirt = 'skirt';
    case SkirtBase = 'skirt.base';
    case SkirtAccents = 'skirt.accents';
    case SkirtOpacity = 'skirt.opacity';
    case SkirtStrands = 'skirt.strands';
    case SkirtCut = 'skirt.cut';
    case SkirtGoal = 'skirt.aim';
    case Trailer = 'trailer';
    case TrailerStyle = 'trailer.style';
    case TrailerLength = 'trailer.length';
    case TrailerBase = 'trailer.base';
    case TrailerAccents = 'trailer.accents';
    case TrailerSurface = 'trailer.surface';
    case TrailerOpacity = 'trailer.opacity';
    case Pair = 'pair';
    case Hook = 'hook';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::HeadWeight->value => 'Head weight',
            self::HeadColour->value => 'Head colour',
            self::BladeFinish->value => 'Blade finish',
            self::BladeShape->value => 'Blade shape',
            self::BladeSize->value => 'Blade size',
            self::BladeGoal->value => 'Blade in this water',
            self::BladeLayout->value => 'Number of blades',
            self::BladeOffSkirt->value => 'Blade beside the skirt',
            self::FrontFinish->value => 'Front finish',
            self::FrontSize->value => 'Front size',
            self::Skirt->value => 'Skirt',
            self::SkirtBase->value => 'Skirt colour',
            self::SkirtAccents->value => 'Skirt accents',
            self::SkirtOpacity->value => 'Skirt, see-through or solid',
            self::SkirtStrands->value => 'Strands',
            self::SkirtCut->value => 'Cut of the skirt',
            self::SkirtGoal->value => 'Skirt in this water',
            self::Trailer->value => 'Trailer',
            self::TrailerStyle->value => 'Trailer style',
            self::TrailerLength->value => 'Trailer length',
            self::TrailerBase->value => 'Trailer colour',
            self::TrailerAccents->value => 'Trailer accents',
            self::TrailerSurface->value => 'Trailer skin',
            self::TrailerOpacity->value => 'Trailer, see-through or solid',
            self::Pair->value => 'Skirt with trailer',
            self::Hook->value => 'Trailer hook',
        ];
    }
}
