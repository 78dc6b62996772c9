<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D4: what to start with where shad are the food. */
enum ShadStartSchool: string implements School
{
    use HasLabel;

    case Clarity = 'clarity';
    case ChartreuseWhite = 'chartreuse_white';
}
