<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Contract\Inventory\InventoryPartDocument;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Inventory\Money;
use Kontrast\Inventory\PartKind;
use Kontrast\Lure\LureKind;
use Symfony\Component\Uid\Uuid;

/** A part owned, or several alike. What is searched, sorted, summed or judged has a column; the rest is a document. */
#[ORM\Entity]
#[ORM\Table(name: 'inventory_part')]
#[ORM\Index(name: 'inventory_part_kind', columns: ['kind', 'name', 'id'])]
class InventoryPart implements HasDocument, Deletable
{
    use DeletedAt;
    use Documented;
    use Identified;
    use Named;
    use Versioned;

    /** Fields of a part document that have a column. */
    public const COLUMNS = [
        'id' => 0, 'version' => 0, 'kind' => 0, 'name' => 0, 'count' => 0, 'low_at' => 0, 'box' => 0, 'cost' => 0, 'lures' => 0,
    ];

    #[ORM\Column(length: 20, enumType: PartKind::class)]
    private PartKind $kind;
    #[ORM\Column]
    private int $count;
    /** Low stock from this count down. */
    #[ORM\Column(nullable: true)]
    private ?int $lowAt;
    #[ORM\Column(length: 60)]
    private string $box;
    /** Of one, in minor units; @see Money. */
    #[ORM\Column(nullable: true)]
    private ?int $cost;
    /** What a head is made into, by spaces. */
    #[ORM\Column(length: 80)]
    private string $lures;

    /** @param StoredDocument $document what has no column */
    public function __construct(InventoryPartDocument $part, StoredDocument $document)
    {
        $this->id = $part->id ?? Uuid::v7()->toRfc4122();
        $this->replace($part, $document);
    }

    public function replace(InventoryPartDocument $part, StoredDocument $document): void
    {
        $this->kind = $part->kind;
        $this->name = trim($part->name);
        $this->count = $part->count;
        $this->lowAt = $part->low_at;
        $this->box = $part->box;
        $this->cost = null === $part->cost ? null : Money::of($part->cost)->minor;
        $this->lures = implode(' ', array_map(static fn (LureKind $lure): string => $lure->value, $part->lures));
        $this->document = $document;
    }

    public function recount(int $count): void
    {
        $this->count = $count;
    }

    public function kind(): PartKind
    {
        return $this->kind;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function cost(): ?Money
    {
        return null === $this->cost ? null : Money::minor($this->cost);
    }

    public function box(): string
    {
        return $this->box;
    }

    public function lowAt(): ?int
    {
        return $this->lowAt;
    }

    /** @return list<string> kinds of lures, by their words */
    public function lures(): array
    {
        return '' === $this->lures ? [] : explode(' ', $this->lures);
    }
}
