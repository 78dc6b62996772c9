<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** Has an id of its own, a UUID. */
trait Identified
{
    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;

    public function id(): string
    {
        return $this->id;
    }
}
