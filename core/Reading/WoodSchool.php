<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D6: whether a bladed jig belongs in wood. */
enum WoodSchool: string implements School
{
    use HasLabel;

    case Knock = 'knock';
    case Avoid = 'avoid';
}
