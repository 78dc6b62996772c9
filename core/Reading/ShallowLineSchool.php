<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D9: the line in shallow, stained water. */
enum ShallowLineSchool: string implements School
{
    use HasLabel;

    case Fluorocarbon = 'fluorocarbon';
    case Monofilament = 'monofilament';
}
