<?php

declare(strict_types=1);

namespace App\Contract\Settings;

/** As the system has it until one is chosen: paper by day, lamp at the bench at night, noon in the sun. */
enum Theme: string
{
    case System = 'system';
    case Paper = 'paper';
    case Lamp = 'lamp';
    case Noon = 'noon';
}
