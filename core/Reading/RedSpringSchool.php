<?php

declare(strict_types=1);

namespace Kontrast\Reading;

use Kontrast\Lure\HasLabel;

/** D5: whether red-orange is worth tying when crawfish turn. */
enum RedSpringSchool: string implements School
{
    use HasLabel;

    case WhereTheyTurn = 'where_they_turn';
    case Skip = 'skip';
}
