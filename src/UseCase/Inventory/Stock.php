<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartMapper;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Kind\InventoryPartKind;
use App\Persistence\Rows;
use Kontrast\Inventory\Inventory;

/** What there is to build with. */
final readonly class Stock
{
    public function __construct(private Rows $rows, private InventoryPartKind $parts)
    {
    }

    /** @return array<string, InventoryPart> by id */
    public function byId(): array
    {
        $stock = [];
        foreach ($this->rows->all($this->parts) as $part) {
            $stock[$part->id()] = $part;
        }

        return $stock;
    }

    /**
     * The parts that are judged and not used up. One that cannot be read is passed over.
     *
     * @return array{Inventory, array<string, InventoryPartDocument>} and their documents by id
     */
    public function judged(): array
    {
        $judged = [];
        $owned = [];
        foreach ($this->rows->all($this->parts) as $part) {
            if ($part->count() > 0 && PartMapper::isJudged($part->kind())) {
                $document = $this->parts->documentOf($part);
                $owned[$part->id()] = $document;
                $judged[] = PartMapper::part($document);
            }
        }

        return [Inventory::of(array_filter($judged)), $owned];
    }
}
