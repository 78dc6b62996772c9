<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Stored\StoredAs;
use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** A document that could not be read and stood where another one had to go: kept as it was. */
#[ORM\Entity]
#[ORM\Table(name: 'set_aside')]
class SetAside
{
    use Identified;

    public function __construct(
        #[ORM\Column(length: 20, enumType: StoredAs::class)]
        private StoredAs $kind,
        #[ORM\Column(length: 120)]
        private string $title,
        #[ORM\Column(length: 1000)]
        private string $reason,
        #[ORM\Column(type: Types::TEXT)]
        private string $document,
        ?string $id = null,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
    }

    public function kind(): StoredAs
    {
        return $this->kind;
    }

    public function title(): string
    {
        return $this->title;
    }

    public function reason(): string
    {
        return $this->reason;
    }

    public function document(): string
    {
        return $this->document;
    }
}
