<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What the blades of a lure hang on, which says how many there can be and of which shape. */
enum BladeMount
{
    /** No blade: a jig. */
    case None;
    /** One plate on the snap before the head. */
    case Snap;
    /** A wire with two arms, for one blade or two that turn. */
    case Wire;

    public function takes(BladeShape $shape): bool
    {
        return match ($this) {
            self::None => false,
            self::Snap => BladeShape::BladedJig === $shape,
            self::Wire => BladeShape::BladedJig !== $shape,
        };
    }
}
