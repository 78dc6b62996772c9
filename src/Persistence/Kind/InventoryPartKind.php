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
        parent::__construct(new Declaration(
            self::NAME,
            'part',
            InventoryPart::class,
            InventoryPartDocument::class,
            shape: new Shape(StoredAs::Part, InventoryPartDocument::class, InventoryPart::COLUMNS),
            order: ['kind' => 'ASC', 'name' => 'ASC', 'id' => 'ASC'],
            orderInWords: 'by type and name',
            // They come and go in numbers.
            can: [Ability::Show, Ability::Change],
            place: Place::Backup,
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): InventoryPart
    {
        $stored = $this->documents->stored($document, $this->shape());
        if (null === $known) {
            return new InventoryPart($document, $stored);
        }
        $known->replace($document, $stored);

        return $known;
    }

    public function documentOf(Stored $one, bool $isWhole = false): InventoryPartDocument
    {
        return $this->documents->made([...self::fields($one), ...$isWhole ? ['version' => null] : []], InventoryPartDocument::class);
    }

    /** @return array<string, mixed> of a part document */
    public static function fields(InventoryPart $part): array
    {
        return [
            'id' => $part->id(),
            'version' => $part->version(),
            'kind' => $part->kind()->value,
            'name' => $part->title(),
            'count' => $part->count(),
            'low_at' => $part->lowAt(),
            'box' => $part->box(),
            'cost' => $part->cost()?->amount(),
            'lures' => $part->lures(),
            ...$part->document()->data(),
        ];
    }
}
