<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;

/**
 * Looks for the one part not owned that would gain most over a set of readings. Candidates are the parts the advices themselves ask for;
 * each is laid into the bin and the best build with it set against the best without.
 */
final readonly class MissingParts
{
    /** @param list<BuildScorer> $scorers one a reading */
    public function __construct(private Inventory $bin, private array $scorers)
    {
    }

    /**
     * Parts that gain something, by what they gain over all readings (thousandths of a point), with the number of readings they help in.
     *
     * @return list<array{
     *     part: InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook,
     *     gain: int,
     *     readings: int,
     * }>
     */
    public function parts(int $most = 5): array
    {
        $owned = array_map(fn (BuildScorer $scorer): int => $this->best($this->bin, $scorer), $this->scorers);
        $found = [];
        foreach ($this->candidates() as $part) {
            $gains = [];
            foreach ($this->scorers as $i => $scorer) {
                $gains[] = max(0, $this->best($this->bin->only($part), $scorer) - $owned[$i]);
            }
            if (array_sum($gains) > 0) {
                $found[] = [
                    'part' => $part,
                    'gain' => array_sum($gains),
                    'readings' => \count(array_filter($gains, static fn (int $gain): bool => $gain > 0)),
                ];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b['gain'] <=> $a['gain']);

        return \array_slice($found, 0, $most);
    }

    private function best(Inventory $bin, BuildScorer $scorer): int
    {
        return ((new BuildSearch($bin, $scorer, 1))->best()[0] ?? null)->scores->points ?? 0;
    }

    /** @return list<InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook> each once */
    private function candidates(): array
    {
        $candidates = [];
        foreach ($this->scorers as $scorer) {
            foreach (GenericParts::compose($scorer->brief->build)->parts() as $part) {
                $candidates[$part->id()] = $part;
            }
        }

        return array_values($candidates);
    }
}
