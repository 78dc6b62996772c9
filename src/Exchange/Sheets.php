<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Api\Document\BatchDocument;
use App\Api\Document\BatchItemDocument;
use App\Api\Document\BatchRequestDocument;
use App\Api\Document\SettingsDocument;
use App\Api\Document\SheetDocument;
use App\Api\Document\SheetRequestDocument;
use App\Entity\BinPart;
use App\Storage\BinKeeper;
use App\Storage\Keeper;
use App\Storage\ReflectanceMemory;
use Kontrast\Bin\Composition;
use Kontrast\Bin\PartKind;
use Kontrast\Rulebook\Adviser;
use Kontrast\Sheet\Batch;
use Kontrast\Sheet\Hardware;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Answers build sheets and batches: the core knows how things are put together, the bin what is there and what it cost. */
final readonly class Sheets
{
    public function __construct(private Adviser $adviser, private BinKeeper $bin, private Keeper $keeper, private DocumentReader $reader, private ReflectanceMemory $memory)
    {
    }

    public function sheet(SheetRequestDocument $request): SheetDocument
    {
        return $this->memory->through(function () use ($request): SheetDocument {
            $build = $request->build->toComposition();

            return SheetDocument::of($build, null === $request->reading ? null : $this->adviser->brief($request->reading->toReading()), $this->settings(), $this->cost($build, $this->stock()));
        });
    }

    public function batch(BatchRequestDocument $request): BatchDocument
    {
        $stock = $this->stock();
        $batch = self::toBatch($request);
        $needs = [...$this->parts($batch, $request, $stock), ...$this->hardware($batch, $stock)];
        $count = array_sum(array_map(static fn (BatchItemDocument $item): int => $item->count, $request->items));
        $price = $this->settings()->bought_price;

        return new BatchDocument(
            $needs,
            array_map(static fn (array $turn): array => ['task' => $turn['task']->value, 'title' => $turn['task']->title(), 'count' => $turn['count'], 'minutes' => round($turn['minutes'], 1), 'builds' => $turn['builds']], $batch->order()),
            round($batch->minutes(), 1),
            round(array_sum(array_map(static fn (array $need): float => $need['needed'] * ($need['cost'] ?? 0.0), $needs)), 2),
            null === $price ? null : round($price * $count, 2),
            self::shopping($needs),
        );
    }

    private function settings(): SettingsDocument
    {
        return $this->reader->trusted($this->keeper->settings(), SettingsDocument::class);
    }

    private static function toBatch(BatchRequestDocument $request): Batch
    {
        return new Batch(array_map(static fn (BatchItemDocument $item): array => ['name' => $item->name, 'build' => $item->build->toComposition(), 'count' => $item->count], $request->items));
    }

    /** @return array<string, BinPart> by id */
    private function stock(): array
    {
        $stock = [];
        foreach ($this->bin->parts() as $part) {
            $stock[$part->id()] = $part;
        }

        return $stock;
    }

    /**
     * @param array<string, BinPart> $stock
     *
     * @return list<array{id: string|null, name: string, kind: string, size: string, needed: int, there: int, short: int, cost: float|null}>
     */
    private function parts(Batch $batch, BatchRequestDocument $request, array $stock): array
    {
        $kinds = [];
        foreach ($request->items as $item) {
            foreach ([$item->build->head, $item->build->front, $item->build->rear, $item->build->skirt, $item->build->trailer, $item->build->hook] as $part) {
                if (null !== $part) {
                    $kinds[$part->name] = $part->kind;
                }
            }
        }

        return array_map(static function (array $used) use ($stock, $kinds): array {
            $part = $stock[$used['id']] ?? null;

            return self::need($part, $part?->name() ?? $used['name'], $part?->kind() ?? $kinds[$used['name']] ?? PartKind::Trailer, '', $used['count'], $part?->count() ?? 0);
        }, $batch->parts());
    }

    /**
     * Small hardware is taken from whatever of its kind the bin has, of the very size first.
     *
     * @param array<string, BinPart> $stock
     *
     * @return list<array{id: string|null, name: string, kind: string, size: string, needed: int, there: int, short: int, cost: float|null}>
     */
    private function hardware(Batch $batch, array $stock): array
    {
        $needs = [];
        $taken = [];
        foreach ($batch->hardware() as ['kind' => $kind, 'size' => $size, 'count' => $count]) {
            $part = self::ofKind($stock, $kind, $size);
            // Two sizes may come out of one lot: what the first takes is gone for the second.
            $gone = null === $part ? 0 : ($taken[$part->id()] ?? 0);
            $needs[] = self::need($part, $part?->name() ?? $kind->value, $kind, $size, $count, max(0, ($part?->count() ?? 0) - $gone));
            if (null !== $part) {
                $taken[$part->id()] = $gone + $count;
            }
        }

        return $needs;
    }

    /** @return array{id: string|null, name: string, kind: string, size: string, needed: int, there: int, short: int, cost: float|null} */
    private static function need(?BinPart $part, string $name, PartKind $kind, string $size, int $needed, int $there): array
    {
        return ['id' => $part?->id(), 'name' => $name, 'kind' => $kind->value, 'size' => $size, 'needed' => $needed, 'there' => $there, 'short' => max(0, $needed - $there), 'cost' => self::costOf($part)];
    }

    /**
     * @param array<string, BinPart> $stock
     *
     * @return array{cost: float, unpriced: list<string>}
     */
    private function cost(Composition $build, array $stock): array
    {
        $sum = 0.0;
        $unpriced = [];
        $add = static function (?float $cost, int $count, string $name) use (&$sum, &$unpriced): void {
            if (null === $cost) {
                $unpriced[] = $name;
            } else {
                $sum += $count * $cost;
            }
        };
        foreach ($build->parts() as $part) {
            $add(self::costOf($stock[$part->id()] ?? null), 1, $part->name());
        }
        foreach (Hardware::of($build) as $hardware) {
            $add(self::costOf(self::ofKind($stock, $hardware->kind, $hardware->size)), $hardware->count, "{$hardware->kind->value}, {$hardware->size}");
        }

        return ['cost' => $sum, 'unpriced' => $unpriced];
    }

    private static function costOf(?BinPart $part): ?float
    {
        $cost = $part?->traits()['cost'] ?? null;

        return \is_int($cost) || \is_float($cost) ? (float) $cost : null;
    }

    /** @param array<string, BinPart> $stock */
    private static function ofKind(array $stock, PartKind $kind, string $size): ?BinPart
    {
        $best = null;
        foreach ($stock as $part) {
            if ($part->kind() === $kind && (null === $best || ($part->traits()['size'] ?? '') === $size)) {
                $best = $part;
            }
        }

        return $best;
    }

    /** @param list<array{id: string|null, name: string, kind: string, size: string, needed: int, there: int, short: int, cost: float|null}> $needs */
    private static function shopping(array $needs): string
    {
        $rows = [];
        foreach ($needs as $need) {
            if ($need['short'] > 0) {
                $rows[] = ['kind' => $need['kind'], 'name' => $need['name'], 'size' => $need['size'], 'buy' => $need['short'], 'cost_of_one' => $need['cost'] ?? ''];
            }
        }

        return [] === $rows ? "kind,name,size,buy,cost_of_one\n" : (new CsvEncoder([CsvEncoder::ESCAPE_FORMULAS_KEY => true]))->encode($rows, 'csv');
    }
}
