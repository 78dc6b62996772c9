<?php

declare(strict_types=1);

namespace App\Contract\Settings;

/** Paper by day, lamp at the bench at night, noon in the sun. */
enum Theme: string
{
    case Paper = 'paper';
    case Lamp = 'lamp';
    case Noon = 'noon';
}
