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
    }

    public static function name(): string
    {
        return self::NAME;
    }

    public function field(): string
    {
        return 'desk';
    }

    public function noun(): string
    {
        return 'current reading';
    }

    public function entity(): string
    {
        return CurrentReading::class;
    }

    public function document(): string
    {
        return CurrentReadingDocument::class;
    }

    public function shape(): Shape
    {
        return new Shape(StoredAs::Reading, 1, ReadingDocument::class);
    }

    public function can(): array
    {
        return Ability::OF_ONE;
    }

    public function after(): array
    {
        return [WaterKind::class];
    }

    public function called(Stored $one): string
    {
        return 'The current reading';
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
