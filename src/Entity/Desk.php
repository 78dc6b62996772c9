<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** What lies on the desk: the reading being worked on, which is where the angler starts next time. One row. */
#[ORM\Entity]
#[ORM\Table(name: 'desk')]
class Desk
{
    public const ONLY = 'only';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    private string $id = self::ONLY;

    /** @param array<string, mixed> $reading */
    public function __construct(
        #[ORM\Column(type: Types::JSON)]
        private array $reading,
        #[ORM\ManyToOne]
        private ?Water $water = null,
    ) {
    }

    /** @param array<string, mixed> $reading */
    public function lay(array $reading, ?Water $water): void
    {
        $this->reading = $reading;
        $this->water = $water;
    }

    public function id(): string
    {
        return $this->id;
    }

    /** @return array<string, mixed> */
    public function reading(): array
    {
        return $this->reading;
    }

    public function water(): ?Water
    {
        return $this->water;
    }
}
