<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Inventory\PartMapper;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Scoring\MissingPartDocument;
use App\Persistence\Entity\SavedReading;
use App\Persistence\Kind\CurrentReadingKind;
use App\Persistence\Kind\ReadingKind;
use App\Persistence\Page;
use App\Persistence\Rows;
use App\UseCase\Inventory\Stock;
use App\UseCase\StandingChoices;
use Kontrast\Reading\Reading;
use Kontrast\Scoring\MissingParts;

/** Finds the parts not owned that would gain most over the current reading and the newest saved ones. */
final readonly class FindMissingParts
{
    /** (Chosen.) */
    private const MOST_SAVED_READINGS = 11;

    public function __construct(
        private Stock $stock,
        private Scoring $scoring,
        private Rows $rows,
        private ReadingKind $saved,
        private CurrentReadingKind $current,
        private StandingChoices $settings,
        private DocumentReader $reader,
        private DocumentNormalizer $documents,
    ) {
    }

    /** @return list<MissingPartDocument> */
    public function all(): array
    {
        [$inventory] = $this->stock->judged();
        $scorers = array_values(array_filter(array_map($this->scoring->ifPossible(...), $this->readings())));
        if ([] === $scorers) {
            return [];
        }
        $count = \count($scorers);

        return array_map(static fn (array $found): MissingPartDocument => new MissingPartDocument(
            PartMapper::document($found['part']),
            round($found['gain'] / 1000 / $count, 1),
            $found['readings'],
            $count,
        ), (new MissingParts($inventory, $scorers))->parts());
    }

    /** @return list<ReadingDocument> */
    private function readings(): array
    {
        [$saved] = $this->rows->page($this->saved, new Page(self::MOST_SAVED_READINGS));
        $readings = array_map(fn (SavedReading $one): ReadingDocument => $this->saved->documentOf($one)->reading, $saved);
        $current = $this->rows->only($this->current);
        if (null !== $current) {
            array_unshift($readings, $this->current->documentOf($current)->reading);
        }
        $standing = array_intersect_key($this->documents->toStored($this->settings->now()), ['schools' => 0, 'lead_free' => 0]);

        return array_map(fn (ReadingDocument $reading): ReadingDocument => $this->reader->trusted(
            $this->documents->toStored($reading) + $standing,
            ReadingDocument::class,
        ), $readings);
    }
}
