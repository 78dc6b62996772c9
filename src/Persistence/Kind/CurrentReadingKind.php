<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Reading\CurrentReadingDocument;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Stored\Ability;
use App\Contract\Stored\StoredAs;
use App\Persistence\Entity\CurrentReading;
use App\Persistence\Entity\Stored;

/**
 * The reading being worked on, and the water it is taken at.
 *
 * @extends Kind<CurrentReading, CurrentReadingDocument>
 */
final readonly class CurrentReadingKind extends Kind
{
    public const NAME = 'current-reading';

    public function __construct(private Documents $documents, private NamedWater $waters)
    {
        parent::__construct(new Declaration(
            self::NAME,
            'current reading',
            CurrentReading::class,
            CurrentReadingDocument::class,
            field: 'desk',
            shape: new Shape(StoredAs::Reading, ReadingDocument::class, in: 'reading'),
            can: Ability::OF_ONE,
            after: [WaterKind::class],
            called: 'The current reading',
        ));
    }

    public function entityOf(object $document, ?Stored $known = null, bool $isWhole = false): CurrentReading
    {
        $water = $this->waters->called($document->water_id);
        $stored = $this->documents->stored($document->reading, $this->shape());
        $known ??= new CurrentReading($stored);
        $known->replace($stored);
        $known->at($water);

        return $known;
    }

    public function documentOf(Stored $one, bool $isWhole = false): CurrentReadingDocument
    {
        return new CurrentReadingDocument($this->documents->read($one->document(), ReadingDocument::class), $one->water()?->id());
    }
}
