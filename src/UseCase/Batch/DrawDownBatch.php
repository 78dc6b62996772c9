<?php

declare(strict_types=1);

namespace App\UseCase\Batch;

use App\Contract\BuildSheet\BatchDocument;
use App\Contract\BuildSheet\BatchItemDocument;
use App\Contract\BuildSheet\BatchRequestDocument;
use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Persistence\Entity\BuiltRecord;
use App\Persistence\Kind\BuiltKind;
use App\Persistence\Kind\InventoryPartKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Saved;
use Kontrast\Inventory\Money;
use Symfony\Component\Clock\ClockInterface;

/** Notes a batch as built and draws its parts from the inventory: all or nothing. */
final readonly class DrawDownBatch
{
    private const MOST_WORDS = 1000;

    public function __construct(
        private PlanBatch $plan,
        private Rows $rows,
        private BuiltKind $records,
        private InventoryPartKind $parts,
        private Transaction $transaction,
        private ClockInterface $clock,
    ) {
    }

    /** @throws InvalidDocument where a part runs short; nothing is drawn then */
    public function build(BatchRequestDocument $request): Saved
    {
        $record = $this->transaction->run(function () use ($request): BuiltRecord {
            $batch = $this->plan->plan($request);
            $record = new BuiltRecord(
                null,
                self::words($request),
                array_sum(array_map(static fn (BatchItemDocument $item): int => $item->count, $request->items)),
                Money::of($batch->cost),
                null === $batch->price ? null : Money::of($batch->price),
                $this->clock->now(),
            );
            $this->draw($batch, $record);
            $this->rows->add($record);

            return $record;
        });

        return Saved::of($this->records, $record);
    }

    private function draw(BatchDocument $batch, BuiltRecord $record): void
    {
        foreach ($batch->needs as $need) {
            if (null === $need->id) {
                // What was never in stock cannot be drawn from it.
                continue;
            }
            if ($need->short > 0) {
                $says = \sprintf('“%s” runs short by %d. Nothing was drawn.', $need->name, $need->short);
                throw InvalidDocument::fault('items', $says, Fault::SHORT);
            }
            $part = $this->rows->get($this->parts, $need->id);
            $part->recount($part->count() - $need->needed);
            $record->drew($part, $part->title(), $need->needed);
        }
    }

    private static function words(BatchRequestDocument $request): string
    {
        $items = array_map(static fn (BatchItemDocument $item): string => "{$item->count} × {$item->name}", $request->items);

        return mb_strimwidth(implode(', ', $items), 0, self::MOST_WORDS, '…');
    }
}
