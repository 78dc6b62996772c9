<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\BuildSheet\NeedDocument;
use App\Contract\Inventory\InventoryPartDocument;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** What runs short, as a table. */
final class ShoppingList
{
    private const COLUMNS = ['kind', 'name', 'size', 'buy', 'cost_of_one'];

    /** @param list<InventoryPartDocument> $parts one of each */
    public static function ofParts(array $parts): string
    {
        return self::write(array_map(
            static fn (InventoryPartDocument $part): NeedDocument => new NeedDocument(
                null,
                $part->name,
                $part->kind,
                '',
                1,
                0,
                1,
                $part->cost,
            ),
            $parts,
        ));
    }

    /** @param list<NeedDocument> $needs */
    public static function write(array $needs): string
    {
        $rows = [];
        foreach ($needs as $need) {
            if ($need->short > 0) {
                $rows[] = array_combine(self::COLUMNS, [$need->kind->value, $need->name, $need->size, $need->short, $need->cost ?? '']);
            }
        }

        return [] === $rows
            ? implode(',', self::COLUMNS)."\n"
            : (new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]))->encode($rows, 'csv');
    }
}
