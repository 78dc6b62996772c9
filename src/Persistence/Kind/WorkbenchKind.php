<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Stored\Ability;
use App\Contract\Stored\StoredAs;
use App\Contract\Workbench\WorkbenchDocument;
use App\Persistence\Entity\Stored;
use App\Persistence\Entity\Workbench;

/**
 * What is on the bench: builds, the ones that undo brings back, the place in each checklist.
 *
 * @extends Kind<Workbench, WorkbenchDocument>
 */
final readonly class WorkbenchKind extends Kind
{
    public const NAME = 'workbench';

    public function __construct(private Documents $documents, private FreshParts $parts)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'workbench',
            Workbench::class,
            WorkbenchDocument::class,
            shape: new Shape(StoredAs::Workbench, WorkbenchDocument::class),
            can: [Ability::Show],
            place: Place::Backup,
            after: [InventoryPartKind::class],
            called: 'The build on the bench',
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): Workbench
    {
        $stored = $this->documents->stored($document, $this->shape());
        if (null === $known) {
            return new Workbench($stored);
        }
        $known->replace($stored);

        return $known;
    }

    /** With every owned part as it is now; in a file as it was when it was put on. */
    public function documentOf(Stored $one, bool $isWhole = false): WorkbenchDocument
    {
        $workbench = $one->document()->data();

        return $this->documents->made($isWhole ? $workbench : $this->parts->find($workbench), WorkbenchDocument::class);
    }
}
