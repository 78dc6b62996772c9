<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** Goes by a name. */
trait Named
{
    #[ORM\Column(length: 120)]
    private string $name;

    public function title(): string
    {
        return $this->name;
    }
}
