<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Persistence\Entity\HasDocument;
use App\Persistence\Entity\SetAside;
use App\Persistence\Repository\CurrentReadingRepository;
use App\Persistence\Repository\InventoryPartRepository;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Repository\SavedBuildRepository;
use App\Persistence\Repository\SavedReadingRepository;
use App\Persistence\Repository\SetAsideRepository;
use App\Persistence\Repository\SettingsRepository;
use App\Persistence\Repository\StintRepository;
use App\Persistence\Repository\TrialRepository;
use App\Persistence\Repository\TripRepository;
use App\Persistence\Repository\WorkbenchRepository;

/** Everything stored that this version of the program cannot read: what needs attention. */
final readonly class FindUnreadable
{
    public function __construct(
        private SavedReadingRepository $readings,
        private InventoryPartRepository $parts,
        private SavedBuildRepository $builds,
        private TripRepository $trips,
        private OutingRepository $outings,
        private StintRepository $stints,
        private TrialRepository $trials,
        private CurrentReadingRepository $current,
        private SettingsRepository $settings,
        private WorkbenchRepository $workbenches,
        private SetAsideRepository $setAside,
    ) {
    }

    /** @return list<array{kind: string, id: string, name: string, reason: string, document: string}> the document as it is stored */
    public function all(): array
    {
        $found = [
            ...$this->readings->unreadable(),
            ...$this->parts->unreadable(),
            ...$this->builds->unreadable(),
            ...$this->trips->unreadable(),
            ...$this->outings->unreadable(),
            ...$this->stints->unreadable(),
            ...$this->trials->unreadable(),
            ...$this->current->unreadable(),
            ...$this->settings->unreadable(),
            ...$this->workbenches->unreadable(),
        ];

        return [
            ...array_map(static fn (array $pair): array => self::entry($pair[0], $pair[1]), $found),
            ...array_map(static fn (SetAside $aside): array => [
                'kind' => $aside->kind()->value,
                'id' => $aside->id(),
                'name' => $aside->title(),
                'reason' => $aside->reason(),
                'document' => $aside->document(),
            ], $this->setAside->all()),
        ];
    }

    /** @return array{kind: string, id: string, name: string, reason: string, document: string} */
    private static function entry(HasDocument $stored, string $reason): array
    {
        return [
            'kind' => $stored->kindOfDocument()->value,
            'id' => $stored->id(),
            'name' => $stored->title(),
            'reason' => $reason,
            'document' => $stored->document()->raw(),
        ];
    }
}
