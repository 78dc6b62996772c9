<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Uuid;

/** How many of one part a batch drew. */
#[ORM\Entity]
#[ORM\Table(name: 'built_record_part')]
class BuiltRecordPart
{
    use Identified;

    public function __construct(
        #[ORM\ManyToOne(inversedBy: 'parts')]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private BuiltRecord $record,
        #[ORM\ManyToOne]
        private ?InventoryPart $part,
        #[ORM\Column(length: 120)]
        private string $name,
        #[ORM\Column]
        private int $count,
    ) {
        $this->id = Uuid::v7()->toRfc4122();
    }

    public function record(): BuiltRecord
    {
        return $this->record;
    }

    public function part(): ?InventoryPart
    {
        return $this->part;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function count(): int
    {
        return $this->count;
    }
}
