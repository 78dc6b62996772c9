<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Lure\HasLabel;

/** What a build gets points for, one by one. */
enum ScoredTrait: string
{
    use HasLabel;

    case HeadWeight = 'head.weight';
    case HeadColour = 'head.colour';
    case HeadFace = 'head.face';
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
    case SkirtBelly = 'skirt.belly';
    case SkirtOpacity = 'skirt.opacity';
    case SkirtStrands = 'skirt.strands';
    case SkirtPattern = 'skirt.pattern';
    case SkirtCut = 'skirt.cut';
    case SkirtGoal = 'skirt.aim';
    case Trailer = 'trailer';
    case TrailerStyle = 'trailer.style';
    case TrailerLength = 'trailer.length';
    case TrailerBase = 'trailer.base';
    case TrailerAccents = 'trailer.accents';
    case TrailerBelly = 'trailer.belly';
    case TrailerSurface = 'trailer.surface';
    case TrailerOpacity = 'trailer.opacity';
    case TrailerBellyShape = 'trailer.belly_shape';
    case Pair = 'pair';
    case Hook = 'hook';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::HeadWeight->value => 'Head weight',
            self::HeadColour->value => 'Head color',
            self::HeadFace->value => 'Head belly and eye',
            self::BladeFinish->value => 'Blade finish',
            self::BladeShape->value => 'Blade shape',
            self::BladeSize->value => 'Blade size',
            self::BladeGoal->value => 'Blade in this water',
            self::BladeLayout->value => 'Number of blades',
            self::BladeOffSkirt->value => 'Blade next to the skirt',
            self::FrontFinish->value => 'Front finish',
            self::FrontSize->value => 'Front size',
            self::Skirt->value => 'Skirt',
            self::SkirtBase->value => 'Skirt color',
            self::SkirtAccents->value => 'Skirt accents',
            self::SkirtBelly->value => 'Skirt belly',
            self::SkirtOpacity->value => 'Skirt opacity',
            self::SkirtStrands->value => 'Skirt material',
            self::SkirtPattern->value => 'Strand pattern',
            self::SkirtCut->value => 'Skirt cut',
            self::SkirtGoal->value => 'Skirt in this water',
            self::Trailer->value => 'Trailer',
            self::TrailerStyle->value => 'Trailer style',
            self::TrailerLength->value => 'Trailer length',
            self::TrailerBase->value => 'Trailer color',
            self::TrailerAccents->value => 'Trailer accents',
            self::TrailerBelly->value => 'Trailer belly',
            self::TrailerSurface->value => 'Trailer surface',
            self::TrailerOpacity->value => 'Trailer opacity',
            self::TrailerBellyShape->value => 'Trailer belly shape',
            self::Pair->value => 'Skirt with trailer',
            self::Hook->value => 'Trailer hook',
        ];
    }
}
