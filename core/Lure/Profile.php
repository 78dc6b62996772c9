<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The size of meal the whole lure stands for. */
enum Profile: string
{
    use HasLabel;

    case Small = 'small';
    case Regular = 'regular';
    case Big = 'big';
}
