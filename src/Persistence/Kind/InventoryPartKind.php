<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Stored\Ability;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Entity\Stored;

/**
 * A part owned, or several alike. What is searched, sorted, summed or judged has a column; the rest is a document.
 *
 * @extends Kind<InventoryPart, InventoryPartDocument>
 */
final readonly class InventoryPartKind extends Kind
{
    public const NAME = 'parts';

    public function __construct(private Documents $documents)
    {
    }

    public static function name(): string
    {
        return self::NAME;
    }

    public function noun(): string
    {
        return 'part';
    }

    public function entity(): string
    {
        return InventoryPart::class;
    }

    public function document(): string
    {
        return InventoryPartDocument::class;
    }

    public function shape(): Shape
    {
        return new Shape(StoredAs::Part, 2, InventoryPartDocument::class);
    }

    public function order(): array
    {
        return ['kind' => 'ASC', 'name' => 'ASC', 'id' => 'ASC'];
    }

    public function orderInWords(): string
    {
        return 'by type and name';
    }

    public function can(): array
    {
        // They come and go in numbers.
        return [Ability::Show, Ability::Change];
    }

    public function place(): Place
    {
        return Place::Backup;
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): InventoryPart
    {
        $stored = $this->documents->stored($document, $this->shape(), InventoryPart::COLUMNS);
        if (null === $known) {
            return new InventoryPart($document, $stored);
        }
        $known->replace($document, $stored);

        return $known;
    }

    public function documentOf(Stored $one, bool $isWhole = false): InventoryPartDocument
    {
        $fields = [...$one->columns(), ...$one->document()->data()];

        return $this->documents->made($isWhole ? ['version' => null] + $fields : $fields, InventoryPartDocument::class);
    }
}
