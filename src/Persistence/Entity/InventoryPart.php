<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use App\Persistence\Upgrade\DocumentKind;
use Doctrine\ORM\Mapping as ORM;
use Kontrast\Inventory\Money;
use Kontrast\Inventory\PartKind;
use Symfony\Component\Uid\Uuid;

/** A part owned, or several alike. What is searched, sorted, summed or judged has a column; the rest is a document. */
#[ORM\Entity]
#[ORM\Table(name: 'inventory_part')]
#[ORM\Index(name: 'inventory_part_kind', columns: ['kind', 'name', 'id'])]
class InventoryPart implements HasDocument
{
    use Deletable;
    use Versioned;

    /** Fields of a part document that have a column. */
    public const COLUMNS = ['kind' => 0, 'name' => 0, 'count' => 0, 'low_at' => 0, 'box' => 0, 'cost' => 0, 'lures' => 0];

    #[ORM\Id]
    #[ORM\Column(length: 36)]
    private string $id;
    #[ORM\Column(length: 20, enumType: PartKind::class)]
    private PartKind $kind;
    #[ORM\Column(length: 120)]
    private string $name;
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
    #[ORM\Embedded(class: StoredDocument::class, columnPrefix: false)]
    private StoredDocument $document;

    /** @param array<string, mixed> $part a part document, checked, only the fields that say something */
    public function __construct(?string $id, array $part)
    {
        $this->id = $id ?? Uuid::v7()->toRfc4122();
        $this->replace($part);
    }

    /** @param array<string, mixed> $part */
    public function replace(array $part): void
    {
        $text = static fn (string $field): string => \is_string($part[$field] ?? null) ? $part[$field] : '';
        $whole = static fn (string $field): ?int => \is_int($part[$field] ?? null) ? $part[$field] : null;
        $cost = $part['cost'] ?? null;
        $lures = $part['lures'] ?? [];
        $this->kind = PartKind::from($text('kind'));
        $this->name = trim($text('name'));
        $this->count = $whole('count') ?? 1;
        $this->lowAt = $whole('low_at');
        $this->box = $text('box');
        $this->cost = \is_int($cost) || \is_float($cost) ? Money::of($cost)->minor : null;
        $this->lures = implode(' ', array_filter(\is_array($lures) ? $lures : [], \is_string(...)));
        $this->document = StoredDocument::of(array_diff_key($part, self::COLUMNS, ['id' => 0, 'version' => 0]), DocumentKind::Part);
    }

    public function recount(int $count): void
    {
        $this->count = $count;
    }

    public function id(): string
    {
        return $this->id;
    }

    public function kind(): PartKind
    {
        return $this->kind;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function title(): string
    {
        return $this->name;
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

    public function document(): StoredDocument
    {
        return $this->document;
    }

    public function kindOfDocument(): DocumentKind
    {
        return DocumentKind::Part;
    }

    /** @return array<string, mixed> a part document, only the fields that say something */
    public function toArray(): array
    {
        return ['id' => $this->id, 'version' => $this->version(), ...$this->fields()];
    }

    /** @return array<string, mixed> the same without what tells this row from others */
    public function fields(): array
    {
        return [
            'kind' => $this->kind->value,
            'name' => $this->name,
            'count' => $this->count,
            ...(null === $this->lowAt ? [] : ['low_at' => $this->lowAt]),
            ...('' === $this->box ? [] : ['box' => $this->box]),
            ...(null === $this->cost ? [] : ['cost' => Money::minor($this->cost)->amount()]),
            ...('' === $this->lures ? [] : ['lures' => explode(' ', $this->lures)]),
            ...$this->document->data(),
        ];
    }
}
