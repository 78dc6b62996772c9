<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Lure\AccentShare;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Strands;

/** What anglers call the colors of a part, fact N. (Common practice, no source.) */
final class TradePatterns
{
    /** @return array<string, ColourPattern> by the phrase it is said by, in lower case */
    public static function all(): array
    {
        $half = AccentShare::Half;
        $patterns = [
            'black blue' => new ColourPattern('black-blue', [Colour::Black, Colour::Blue]),
            'fire tiger' => new ColourPattern('fire tiger', [Colour::Chartreuse, Colour::Yellow], [Colour::Orange], Strands::Barred),
            'bluegill' => new ColourPattern('bluegill', [Colour::GreenPumpkin, Colour::Blue, Colour::Orange]),
            'perch' => new ColourPattern('perch', [Colour::Yellow, Colour::Chartreuse], [Colour::Orange], Strands::Barred),
            'crappie' => new ColourPattern('crappie', [Colour::White, Colour::Black, Colour::Chartreuse]),
            'shad' => new ColourPattern('shad', [Colour::Smoke], [Colour::Pearl]),
            'smoke' => new ColourPattern('smoke', [Colour::Smoke], opacity: Opacity::Translucent, isFlaked: true),
            'ghost' => new ColourPattern('ghost', [Colour::Pearl], opacity: Opacity::Translucent),
            'white chartreuse' => new ColourPattern('white-chartreuse', [Colour::White, Colour::Chartreuse], share: $half),
            'chartreuse white' => new ColourPattern('chartreuse-white', [Colour::Chartreuse, Colour::White], share: $half),
            'watermelon red' => new ColourPattern('watermelon red', [Colour::Watermelon, Colour::Red], isFlaked: true),
            'pumpkinseed' => new ColourPattern('pumpkinseed', [Colour::Brown, Colour::GreenPumpkin, Colour::Black], isFlaked: true),
            'junebug' => new ColourPattern('junebug', [Colour::Purple, Colour::Blue], isFlaked: true),
            'brown purple' => new ColourPattern('brown-purple', [Colour::Brown, Colour::Purple]),
            'red shad' => new ColourPattern('red shad', [Colour::Black, Colour::Red]),
            'root beer' => new ColourPattern('root beer', [Colour::Brown, Colour::Gold], opacity: Opacity::Translucent, isFlaked: true),
            'motor oil' => new ColourPattern('motor oil', [Colour::GreenPumpkin], opacity: Opacity::Translucent),
            'bubblegum' => new ColourPattern('bubblegum', [Colour::Pink]),
        ];
        foreach (self::ALSO as $said => $as) {
            $patterns[$said] = $patterns[$as];
        }

        return $patterns;
    }

    private const ALSO = [
        'coleslaw' => 'white chartreuse', 'peanut butter jelly' => 'brown purple', 'pb j' => 'brown purple', 'pbj' => 'brown purple',
        'bubble gum' => 'bubblegum', 'june bug' => 'junebug', 'pumpkin seed' => 'pumpkinseed', 'blue gill' => 'bluegill',
        'cole slaw' => 'white chartreuse', 'smk' => 'smoke', 'yellow perch' => 'perch',
    ];
}
