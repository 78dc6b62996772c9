<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D12: what a jig’s skirt is made of. */
enum JigStrandsSchool: string implements School
{
    use HasLabel;

    case Rubber = 'rubber';
    case Silicone = 'silicone';
}
