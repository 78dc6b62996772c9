<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartAction;
use App\Persistence\Entity\StoredDocument;
use App\Persistence\Kind\Documents;
use App\Persistence\Kind\InventoryPartKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;

/** Takes parts in from a table or from JSON: checks every line first, then does all of it or none. */
final readonly class ImportParts
{
    /** Lines between two words of progress; memory holds so many parts at once. */
    private const BATCH = 250;

    public function __construct(
        private PartsImportPlan $plan,
        private Rows $rows,
        private InventoryPartKind $parts,
        private Documents $documents,
        private Transaction $transaction,
    ) {
    }

    /**
     * Checks every line, and lays what would be written ready on disk.
     *
     * @param bool $addOnly leaves alone what is there already
     *
     * @throws InvalidDocument where it is no list of parts, or a line is refused
     */
    public function prepare(string $contents, bool $addOnly = false): PreparedImport
    {
        $prepared = new PreparedImport();
        $faults = [];
        $count = 0;
        foreach ($this->plan->read($contents) as [$planned, $document]) {
            foreach ($planned->faults as $fault) {
                ++$count;
                if ($count <= InvalidDocument::MOST_TOLD) {
                    $faults[] = new Fault(trim("line {$planned->line} {$fault->field}"), $fault->message, $fault->code);
                }
            }
            $isLeft = $addOnly && PartAction::Change === $planned->action;
            $prepared->add($isLeft ? PartAction::Same : $planned->action, StoredDocument::encode($document));
        }
        if ([] !== $faults) {
            throw InvalidDocument::because($faults, $count);
        }

        return $prepared;
    }

    /**
     * Writes what was prepared, as one transaction.
     *
     * @param callable(int, int): void $progress told how many of how many are done; what it throws ends the import, and nothing is stored
     *
     * @return array{added: int, changed: int, same: int}
     */
    public function carryOut(PreparedImport $prepared, callable $progress): array
    {
        return $this->transaction->run(function () use ($prepared, $progress): array {
            $done = [PartAction::Add->value => 0, PartAction::Change->value => 0, PartAction::Same->value => 0];
            $count = 0;
            foreach ($prepared->lines() as [$action, $document]) {
                $this->write($action, $document);
                $done[$action->value] = ($done[$action->value] ?? 0) + 1;
                if (0 === ++$count % self::BATCH) {
                    $this->transaction->flushAndForget();
                    $progress($count, $prepared->count());
                }
            }
            $this->transaction->flushAndForget();
            $progress($count, $prepared->count());

            return [
                'added' => $done[PartAction::Add->value],
                'changed' => $done[PartAction::Change->value],
                'same' => $done[PartAction::Same->value],
            ];
        });
    }

    /** @param array<string, mixed> $document */
    private function write(PartAction $action, array $document): void
    {
        if (PartAction::Add !== $action && PartAction::Change !== $action) {
            return;
        }
        $part = $this->documents->made($document, InventoryPartDocument::class);
        $there = PartAction::Change === $action ? $this->rows->getAny($this->parts, (string) $part->id) : null;
        $there?->restore();
        $stored = $this->parts->entityOf($part, $there);
        if (null === $there) {
            $this->rows->add($stored);
        }
    }
}
