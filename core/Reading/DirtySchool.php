<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D3: which base colour dirty water wants. */
enum DirtySchool: string
{
    use HasLabel;

    case Dark = 'dark';
    case Bright = 'bright';
    case Natural = 'natural';
}
