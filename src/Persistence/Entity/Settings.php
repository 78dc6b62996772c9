<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The angler's standing choices. One row. */
#[ORM\Entity]
#[ORM\Table(name: 'settings')]
class Settings implements HasDocument
{
    use OnlyOne;

    public function title(): string
    {
        return 'Settings';
    }
}
