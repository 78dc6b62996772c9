<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D13: a jig at four to five feet of visibility. */
enum JigClearSchool: string implements School
{
    use HasLabel;

    case Open = 'open';
    case Brown = 'brown';
    case GreenPumpkin = 'green_pumpkin';
}
