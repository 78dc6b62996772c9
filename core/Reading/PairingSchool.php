<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D1: how trailer and skirt should go together. */
enum PairingSchool: string implements School
{
    use HasLabel;

    case Ladder = 'ladder';
    case OneTone = 'one_tone';
    case ForageMix = 'forage_mix';
}
