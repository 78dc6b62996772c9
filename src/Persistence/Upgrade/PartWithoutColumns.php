<?php

declare(strict_types=1);

namespace App\Persistence\Upgrade;

/** Shape 1 of a part held what has columns of its own since: low mark, box, cost and lure kinds. */
final class PartWithoutColumns implements Upgrader
{
    public static function upgrade(\stdClass $document): void
    {
        unset($document->low_at, $document->box, $document->cost, $document->lures);
    }
}
