<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Inventory\PartMapper;
use App\Contract\Reader\DocumentReader;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Scoring\MissingPartDocument;
use App\Persistence\Entity\SavedReading;
use App\Persistence\Repository\CurrentReadingRepository;
use App\Persistence\Repository\Page;
use App\Persistence\Repository\SavedReadingRepository;
use App\UseCase\Inventory\Stock;
use App\UseCase\Settings\KeepSettings;
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
        private SavedReadingRepository $saved,
        private CurrentReadingRepository $current,
        private KeepSettings $settings,
        private DocumentReader $reader,
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

    /** @return list<Reading> */
    private function readings(): array
    {
        [$saved] = $this->saved->page(new Page(self::MOST_SAVED_READINGS));
        $stored = array_map(static fn (SavedReading $reading): array => $reading->document()->data(), $saved);
        $current = $this->current->current();
        $standing = array_intersect_key($this->settings->show()->document, ['schools' => 0, 'lead_free' => 0]);

        return array_map(
            fn (array $reading): Reading => $this->reader->trusted($reading + $standing, ReadingDocument::class)->toReading(),
            null === $current ? $stored : [$current->document()->data(), ...$stored],
        );
    }
}
