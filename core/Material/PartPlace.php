<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** Where on a lure a part sits. */
enum PartPlace: string
{
    case Steel = 'steel';
    case Head = 'head';
    case FrontBlade = 'front_blade';
    case RearBlade = 'rear_blade';
    case Skirt = 'skirt';
    case Trailer = 'trailer';
    case HeadBelly = 'head_belly';
    case SkirtBelly = 'skirt_belly';
    case TrailerBelly = 'trailer_belly';
}
