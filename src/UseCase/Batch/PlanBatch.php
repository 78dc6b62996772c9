<?php

declare(strict_types=1);

namespace App\UseCase\Batch;

use App\Contract\BuildSheet\BatchDocument;
use App\Contract\BuildSheet\BatchItemDocument;
use App\Contract\BuildSheet\BatchRequestDocument;
use App\Contract\BuildSheet\NeedDocument;
use App\Contract\BuildSheet\TurnDocument;
use App\Format\ShoppingList;
use App\Persistence\Entity\InventoryPart;
use App\UseCase\Inventory\Stock;
use App\UseCase\StandingChoices;
use Kontrast\BuildSheet\Batch;
use Kontrast\BuildSheet\Hardware;
use Kontrast\Inventory\Money;
use Kontrast\Inventory\PartKind;

/** Tells what a batch uses, what runs short, what it costs, and in which order it is built. Nothing is drawn. */
final readonly class PlanBatch
{
    public function __construct(private Stock $stock, private StandingChoices $settings)
    {
    }

    public function plan(BatchRequestDocument $request): BatchDocument
    {
        $stock = $this->stock->byId();
        $batch = self::toBatch($request);
        $needs = [...self::parts($batch, $request, $stock), ...self::hardware($batch, $stock)];
        $count = array_sum(array_map(static fn (BatchItemDocument $item): int => $item->count, $request->items));
        $price = $this->settings->now()->bought_price;

        return new BatchDocument(
            $needs,
            array_map(static fn (array $turn): TurnDocument => new TurnDocument(
                $turn['task'],
                $turn['task']->title(),
                $turn['count'],
                round($turn['minutes'], 1),
                $turn['builds'],
            ), $batch->order()),
            round($batch->minutes(), 1),
            round(self::cost($needs)->amount(), 2),
            null === $price ? null : round($price * $count, 2),
            ShoppingList::write($needs),
        );
    }

    /** @param list<NeedDocument> $needs */
    private static function cost(array $needs): Money
    {
        $sum = Money::minor(0);
        foreach ($needs as $need) {
            $sum = $sum->plus(Money::of($need->cost ?? 0.0)->times($need->needed));
        }

        return $sum;
    }

    private static function toBatch(BatchRequestDocument $request): Batch
    {
        return new Batch(array_map(static fn (BatchItemDocument $item): array => [
            'name' => $item->name,
            'build' => $item->build->toComposition(),
            'count' => $item->count,
        ], $request->items));
    }

    /**
     * @param array<string, InventoryPart> $stock by id
     *
     * @return list<NeedDocument>
     */
    private static function parts(Batch $batch, BatchRequestDocument $request, array $stock): array
    {
        $named = [];
        foreach ($request->items as $item) {
            foreach ($item->build->parts() as $part) {
                $named[$part->name] = $part;
            }
        }

        return array_map(static function (array $used) use ($stock, $named): NeedDocument {
            $part = $stock[$used['id']] ?? null;
            $document = $named[$used['name']] ?? null;

            return new NeedDocument(
                $part?->id(),
                $part?->title() ?? $used['name'],
                $part?->kind() ?? $document->kind ?? PartKind::Trailer,
                '',
                $used['count'],
                $part?->count() ?? 0,
                max(0, $used['count'] - ($part?->count() ?? 0)),
                null === $part ? $document?->cost : $part->cost()?->amount(),
            );
        }, $batch->parts());
    }

    /**
     * @param array<string, InventoryPart> $stock by id
     *
     * @return list<NeedDocument>
     */
    private static function hardware(Batch $batch, array $stock): array
    {
        $needs = [];
        $taken = [];
        foreach ($batch->hardware() as ['kind' => $kind, 'size' => $size, 'count' => $count]) {
            $part = PartCosts::ofKind($stock, $kind, $size);
            // Two sizes may come out of one lot: what the first takes is gone for the second.
            $gone = null === $part ? 0 : ($taken[$part->id()] ?? 0);
            $there = max(0, ($part?->count() ?? 0) - $gone);
            $needs[] = self::need($part, $part?->title() ?? $kind->value, $kind, Hardware::said($size), $count, $there);
            if (null !== $part) {
                $taken[$part->id()] = $gone + $count;
            }
        }

        return $needs;
    }

    private static function need(?InventoryPart $part, string $name, PartKind $kind, string $size, int $needed, int $there): NeedDocument
    {
        return new NeedDocument($part?->id(), $name, $kind, $size, $needed, $there, max(0, $needed - $there), $part?->cost()?->amount());
    }
}
