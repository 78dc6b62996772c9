<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

/** What makes a colour read off a photo doubtful. */
enum PhotoWarning: string
{
    case CardClipped = 'card_clipped';
    case CardNotNeutral = 'card_not_neutral';
    case CardDark = 'card_dark';
    case Glare = 'glare';
    case Spread = 'spread';

    public function label(): string
    {
        return match ($this) {
            self::CardClipped => 'The card is burnt out: its white is past what the camera can tell. Take the picture a little darker.',
            self::CardNotNeutral => 'The card does not look white and even: tap plain white paper in the same light as the part, with '
                .'no shadow across it.',
            self::CardDark => 'The card is very dark: more light makes the colour surer.',
            self::Glare => 'There is glare on the part: tap where it does not shine, or turn it out of the light.',
            self::Spread => 'The taps differ a good deal: tap one colour at a time.',
        };
    }
}
