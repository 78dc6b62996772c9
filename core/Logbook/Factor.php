<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Reading\HasLabel;

/** What a stint can be told apart by: how the lure was built, and in which water and light it was fished. */
enum Factor: string
{
    use HasLabel;

    case Finish = 'finish';
    case Skirt = 'skirt';
    case Trailer = 'trailer';
    case Pairing = 'pairing';
    case Style = 'style';
    case Lure = 'lure';
    case Weight = 'weight';
    case Clarity = 'clarity';
    case Sky = 'sky';
    case Tint = 'tint';
    case Season = 'season';
    case Sun = 'sun';
    case Hour = 'hour';

    /** What the angler chose: only these are compared, in water and light that were alike. */
    public function isChosen(): bool
    {
        return !\in_array($this, [self::Clarity, self::Sky, self::Tint, self::Season, self::Sun, self::Hour], true);
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::Finish->value => 'blade finish',
            self::Skirt->value => 'skirt color',
            self::Trailer->value => 'trailer color',
            self::Style->value => 'trailer style',
            self::Lure->value => 'type of lure',
            self::Sun->value => 'height of the sun',
            self::Hour->value => 'hour of the day',
        ];
    }
}
