<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\Common\Collections\ArrayCollection;
use Doctrine\Common\Collections\Collection;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Inventory\Money;
use Symfony\Component\Uid\Uuid;

/** A batch that was built, with the parts it drew, so that it can be undone. */
#[ORM\Entity]
#[ORM\Table(name: 'built_record')]
#[ORM\Index(name: 'built_record_built', columns: ['built_at', 'id'])]
class BuiltRecord implements Stored
{
    use Identified;
    use Versioned;

    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $undoneAt = null;
    /** In minor units; @see Money. */
    #[ORM\Column]
    private int $cost;
    #[ORM\Column(nullable: true)]
    private ?int $price;
    #[ORM\Column]
    private \DateTimeImmutable $builtAt;
    /** @var Collection<int, BuiltRecordPart> */
    #[ORM\OneToMany(targetEntity: BuiltRecordPart::class, mappedBy: 'record', cascade: ['persist', 'remove'])]
    private Collection $parts;

    public function __construct(
        ?string $id,
        #[ORM\Column(length: 1000)]
        private string $what,
        #[ORM\Column]
        private int $count,
        Money $cost,
        ?Money $price,
        \DateTimeImmutable $builtAt,
    ) {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->cost = $cost->minor;
        $this->price = $price?->minor;
        $this->builtAt = InUtc::convert($builtAt);
        $this->parts = new ArrayCollection();
    }

    /** Notes that parts were taken; null where the program no longer has the part. */
    public function drew(?InventoryPart $part, string $name, int $count): void
    {
        $this->parts->add(new BuiltRecordPart($this, $part, $name, $count));
    }

    public function undo(\DateTimeImmutable $at): void
    {
        $this->undoneAt = InUtc::convert($at);
    }

    public function isUndone(): bool
    {
        return null !== $this->undoneAt;
    }

    public function undoneAt(): ?\DateTimeImmutable
    {
        return null === $this->undoneAt ? null : InUtc::read($this->undoneAt);
    }

    /** @return list<BuiltRecordPart> */
    public function parts(): array
    {
        return array_values($this->parts->toArray());
    }

    public function builtAt(): \DateTimeImmutable
    {
        return InUtc::read($this->builtAt);
    }

    public function title(): string
    {
        return $this->what;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function cost(): Money
    {
        return Money::minor($this->cost);
    }

    public function price(): ?Money
    {
        return null === $this->price ? null : Money::minor($this->price);
    }
}
