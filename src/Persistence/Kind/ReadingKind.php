<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Reading\ReadingDocument;
use App\Contract\Reading\SavedReadingDocument;
use App\Contract\Stored\Ability;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\SavedReading;
use App\Persistence\Entity\Stored;
use Symfony\Component\Clock\ClockInterface;

/**
 * A reading saved with its time and place. It is what was seen then, and not changed.
 *
 * @extends Kind<SavedReading, SavedReadingDocument>
 */
final readonly class ReadingKind extends Kind
{
    public const NAME = 'readings';

    public function __construct(private Documents $documents, private NamedWater $waters, private ClockInterface $clock)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'reading',
            SavedReading::class,
            SavedReadingDocument::class,
            shape: new Shape(StoredAs::Reading, ReadingDocument::class, in: 'reading'),
            order: ['takenAt' => 'DESC', 'id' => 'DESC'],
            orderInWords: 'newest first',
            can: [Ability::List, Ability::Add, Ability::Show, Ability::Delete, Ability::Restore],
            after: [WaterKind::class],
            called: 'This reading',
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): SavedReading
    {
        return new SavedReading(
            $document,
            $document->taken_at ?? $this->clock->now(),
            $this->waters->called($document->water_id),
            $this->documents->stored($document->reading, $this->shape()),
        );
    }

    public function documentOf(Stored $one, bool $isWhole = false): SavedReadingDocument
    {
        return new SavedReadingDocument(
            $this->documents->read($one->document(), ReadingDocument::class),
            $one->id(),
            $one->takenAt(),
            $one->water()?->id(),
            $one->note(),
        );
    }
}
