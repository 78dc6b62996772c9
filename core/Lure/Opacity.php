<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Whether light comes through a skirt or a trailer. */
enum Opacity: string
{
    use HasLabel;

    case Translucent = 'translucent';
    case Opaque = 'opaque';

    /** Where a measured opacity (0 to 1) counts as letting light through (chosen: half way from what a see-through part hides to all). */
    public const LEAST_OPAQUE = 0.78;

    public static function of(float $opacity): self
    {
        return $opacity < self::LEAST_OPAQUE ? self::Translucent : self::Opaque;
    }
}
