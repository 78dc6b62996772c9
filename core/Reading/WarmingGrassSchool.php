<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D11: whether a bladed jig wears a skirt for shad over warming grass. */
enum WarmingGrassSchool: string implements School
{
    use HasLabel;

    case Skirtless = 'skirtless';
    case Skirt = 'skirt';
}
