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
    }

    public static function name(): string
    {
        return self::NAME;
    }

    public function noun(): string
    {
        return 'workbench';
    }

    public function entity(): string
    {
        return Workbench::class;
    }

    public function document(): string
    {
        return WorkbenchDocument::class;
    }

    public function shape(): Shape
    {
        return new Shape(StoredAs::Workbench, 1, WorkbenchDocument::class);
    }

    public function can(): array
    {
        return [Ability::Show];
    }

    public function place(): Place
    {
        return Place::Backup;
    }

    public function after(): array
    {
        return [InventoryPartKind::class];
    }

    public function called(Stored $one): string
    {
        return 'The build on the bench';
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

        return $this->documents->made($isWhole ? $workbench : $this->parts->in($workbench), WorkbenchDocument::class);
    }
}
