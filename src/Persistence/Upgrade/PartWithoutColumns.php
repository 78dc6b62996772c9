<?php

declare(strict_types=1);

namespace App\Persistence\Upgrade;

use App\Contract\Stored\StoredAs;

/** Shape 1 of a part held what has columns of its own since: low mark, box, cost and lure kinds. */
final class PartWithoutColumns implements Upgrader
{
    public function kind(): StoredAs
    {
        return StoredAs::Part;
    }

    public function from(): int
    {
        return 1;
    }

    public function upgrade(array $document): array
    {
        return array_diff_key($document, ['low_at' => 0, 'box' => 0, 'cost' => 0, 'lures' => 0]);
    }
}
