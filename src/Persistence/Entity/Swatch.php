<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A named colour to hand, taken from a palette file. */
#[ORM\Entity]
#[ORM\Table(name: 'swatch')]
class Swatch implements Stored
{
    use Identified;

    public function __construct(
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column(length: 7)]
        private string $hex,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
    }

    public function version(): int
    {
        return 1;
    }

    public function title(): string
    {
        return $this->name;
    }

    public function hex(): string
    {
        return $this->hex;
    }
}
