<?php

declare(strict_types=1);

namespace App\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** The angler's standing choices. One row. */
#[ORM\Entity]
#[ORM\Table(name: 'settings')]
class Settings
{
    public const ONLY = 'only';

    #[ORM\Id]
    #[ORM\Column(length: 10)]
    private string $id = self::ONLY;

    /** @param array<string, mixed> $choices a settings document, valid when stored */
    public function __construct(
        #[ORM\Column(type: Types::JSON)]
        private array $choices,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    /** @return array<string, mixed> */
    public function choices(): array
    {
        return $this->choices;
    }

    /** @param array<string, mixed> $choices */
    public function choose(array $choices): void
    {
        $this->choices = $choices;
    }
}
