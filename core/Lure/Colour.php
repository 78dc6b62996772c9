<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** The colour words a forage, a skirt, a trailer or a head is described with. */
enum Colour: string
{
    use HasLabel;

    case White = 'white';
    case Pearl = 'pearl';
    case Smoke = 'smoke';
    case PaleBlue = 'pale_blue';
    case Pink = 'pink';
    case Maroon = 'maroon';
    case Chartreuse = 'chartreuse';
    case Yellow = 'yellow';
    case Gold = 'gold';
    case GreenPumpkin = 'green_pumpkin';
    case Watermelon = 'watermelon';
    case Brown = 'brown';
    case Black = 'black';
    case Blue = 'blue';
    case BrightBlue = 'bright_blue';
    case Orange = 'orange';
    case Red = 'red';
    case Purple = 'purple';

    /**
     * Colors that a fish notices from far away; a tough day leaves them out.
     *
     * @return non-empty-list<self>
     */
    public static function loud(): array
    {
        return [self::Chartreuse, self::Yellow, self::Orange, self::Red, self::Pink, self::BrightBlue];
    }
}
