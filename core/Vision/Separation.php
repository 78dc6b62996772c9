<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Lure\HasLabel;

/** How two parts look beside each other at the judging distance. */
enum Separation: string
{
    use HasLabel;

    case One = 'one';
    case Tonal = 'tonal';
    case TwoTone = 'two-tone';
    case Stark = 'stark';

    /** Up to so many JND two parts read as one, as tonal, as two-tone. (Chosen.) */
    public const MOST_ONE = 1.0;
    public const MOST_TONAL = 2.5;
    public const MOST_TWO_TONE = 6.0;

    /** @param float $jnd colour and tone together, just-noticeable differences */
    public static function at(float $jnd): self
    {
        return match (true) {
            $jnd <= self::MOST_ONE => self::One,
            $jnd <= self::MOST_TONAL => self::Tonal,
            $jnd <= self::MOST_TWO_TONE => self::TwoTone,
            default => self::Stark,
        };
    }

    /** @return array<string, string> */
    private static function exceptions(): array
    {
        return [
            self::One->value => 'one color',
            self::Tonal->value => 'close shades',
            self::TwoTone->value => 'two colors',
            self::Stark->value => 'two very different colors',
        ];
    }
}
