<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** What is on the bench: builds, the ones that undo brings back, the place in each checklist. One row. */
#[ORM\Entity]
#[ORM\Table(name: 'workbench')]
class Workbench implements HasDocument
{
    use OnlyOne;

    public function title(): string
    {
        return 'What is on the bench';
    }
}
