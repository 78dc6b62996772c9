<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D8: what strands a baitfish skirt has in clear water. */
enum StrandsSchool: string implements School
{
    use HasLabel;

    case AsClarity = 'as_clarity';
    case Solid = 'solid';
}
