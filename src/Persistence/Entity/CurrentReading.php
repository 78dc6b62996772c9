<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** The reading being worked on, which is where the angler starts next time. One row. */
#[ORM\Entity]
#[ORM\Table(name: 'current_reading')]
class CurrentReading implements HasDocument
{
    use OnlyOne;

    #[ORM\ManyToOne]
    private ?Water $water = null;

    /** The water it names, also where that was deleted since. */
    public function water(): ?Water
    {
        return $this->water;
    }

    public function at(?Water $water): void
    {
        $this->water = $water;
    }

    public function title(): string
    {
        return 'Current reading';
    }
}
