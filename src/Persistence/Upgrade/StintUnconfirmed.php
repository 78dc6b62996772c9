<?php

declare(strict_types=1);

namespace App\Persistence\Upgrade;

/**
 * Shape 1 of an outing took the water of each stint from wherever a reading stood: nobody has confirmed it. A file that says no shapes may
 * yet say it itself.
 */
final class StintUnconfirmed implements Upgrader
{
    public static function upgrade(\stdClass $document): void
    {
        $document->confirmed ??= false;
    }
}
