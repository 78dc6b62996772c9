<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D2: what decides the finish of a blade. */
enum FinishSchool: string implements School
{
    use HasLabel;

    case WaterThenSun = 'water_then_sun';
    case Water = 'water';
    case Sun = 'sun';
    case TwoBlade = 'two_blade';
    case HotMud = 'hot_mud';
}
