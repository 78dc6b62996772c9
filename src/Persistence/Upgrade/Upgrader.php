<?php

declare(strict_types=1);

namespace App\Persistence\Upgrade;

/** One step of one kind of document, from a shape to the next; never changed after it has shipped. Which step it is, Upgrades says. */
interface Upgrader
{
    public static function upgrade(\stdClass $document): void;
}
