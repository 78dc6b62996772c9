<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

/** What makes a colour read off a photo doubtful. */
enum PhotoWarning: string
{
    case CardClipped = 'card_clipped';
    case CardNotNeutral = 'card_not_neutral';
    case CardDark = 'card_dark';
    case KnownUneven = 'known_uneven';
    case KnownDark = 'known_dark';
    case Glare = 'glare';
    case Spread = 'spread';

    public function label(): string
    {
        return match ($this) {
            self::CardClipped => 'The white card is overexposed. Take the photo a little darker.',
            self::CardNotNeutral => 'The card does not look evenly white. Tap plain white paper in the same light as the part, without '
                .'a shadow on it.',
            self::CardDark => 'The white card looks very dark. More light gives a more accurate color.',
            self::KnownUneven => 'The known part does not look even. Tap it where it has one color, in the same light, without a shadow.',
            self::KnownDark => 'The known color is too dark or too strong to tell the light by. Take a light, pale one, or a white card.',
            self::Glare => 'There is glare on the part. Tap where it does not shine, or turn it away from the light.',
            self::Spread => 'The taps are far apart in color. Tap one color at a time.',
        };
    }
}
