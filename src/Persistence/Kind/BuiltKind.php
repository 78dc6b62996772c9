<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Backup\BuiltRecordBackupDocument;
use App\Contract\BuildSheet\BuiltRecordDocument;
use App\Contract\Stored\Ability;
use App\Persistence\Entity\BuiltRecord;
use App\Persistence\Entity\BuiltRecordPart;
use App\Persistence\Entity\InUtc;
use App\Persistence\Entity\Stored;
use App\Persistence\Rows;
use Kontrast\Inventory\Money;

/**
 * A batch that was built, with the parts it drew.
 *
 * @extends Kind<BuiltRecord, BuiltRecordDocument|BuiltRecordBackupDocument>
 */
final readonly class BuiltKind extends Kind
{
    public const NAME = 'built';

    public function __construct(private Rows $rows, private InventoryPartKind $parts)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'batch',
            BuiltRecord::class,
            BuiltRecordDocument::class,
            field: 'made',
            order: ['builtAt' => 'DESC', 'id' => 'DESC'],
            orderInWords: 'newest first',
            can: [Ability::List, Ability::Show],
            place: Place::Backup,
            after: [InventoryPartKind::class],
            tables: [BuiltRecordPart::class, BuiltRecord::class],
            isListed: 'e.undoneAt IS NULL',
            called: 'This batch',
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): BuiltRecord
    {
        \assert($document instanceof BuiltRecordBackupDocument);
        $record = new BuiltRecord(
            $document->id,
            $document->what,
            $document->count,
            Money::of($document->cost),
            null === $document->price ? null : Money::of($document->price),
            $document->made_at,
        );
        foreach ($document->drawn as $id => $count) {
            $part = $this->rows->findAny($this->parts, $id);
            $record->drew($part, $document->names[$id] ?? $part?->title() ?? 'a part that is no longer stored', $count);
        }
        if (null !== $document->undone_at) {
            $record->undo($document->undone_at);
        }

        return $record;
    }

    public function documentOf(Stored $one, bool $isWhole = false): BuiltRecordDocument|BuiltRecordBackupDocument
    {
        if (!$isWhole) {
            return new BuiltRecordDocument(
                $one->id(),
                $one->title(),
                $one->count(),
                $one->cost()->amount(),
                $one->price()?->amount(),
                InUtc::written($one->builtAt()),
            );
        }
        $drawn = $names = [];
        foreach ($one->parts() as $i => $part) {
            $id = $part->part()?->id() ?? "gone-$i";
            $drawn[$id] = $part->count();
            $names[$id] = $part->name();
        }

        return new BuiltRecordBackupDocument(
            $one->title(),
            $one->count(),
            $one->cost()->amount(),
            $drawn,
            $one->builtAt(),
            $one->price()?->amount(),
            $one->id(),
            $one->undoneAt(),
            $names,
        );
    }
}
