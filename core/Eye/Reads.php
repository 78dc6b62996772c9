<?php

declare(strict_types=1);

namespace Kontrast\Eye;

/** How two parts read beside each other at the judging distance. */
enum Reads: string
{
    case One = 'one';
    case Tonal = 'tonal';
    case TwoTone = 'two-tone';
    case Stark = 'stark';

    /** @param float $jnd colour and tone together, just-noticeable differences */
    public static function at(float $jnd): self
    {
        return match (true) {
            $jnd <= 1.0 => self::One,
            $jnd <= 2.5 => self::Tonal,
            $jnd <= 6.0 => self::TwoTone,
            default => self::Stark,
        };
    }
}
