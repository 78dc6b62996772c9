<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D7: the trailer of a shad lure in stained water. */
enum StainedTrailerSchool: string implements School
{
    use HasLabel;

    case Open = 'open';
    case Plain = 'plain';
    case TwoTone = 'two_tone';
    case Same = 'same';

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [self::Open->value => 'as sun and cloud say'];
    }
}
