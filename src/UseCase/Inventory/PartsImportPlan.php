<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartAction;
use App\Contract\Inventory\PlannedPartDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Format\PartsFile;
use App\Persistence\Entity\InventoryPart;
use App\Persistence\Kind\Documents;
use App\Persistence\Kind\InventoryPartKind;
use App\Persistence\Rows;
use App\Persistence\Transaction;

/** Tells line by line what an import would do. Nothing is written. */
final readonly class PartsImportPlan
{
    public const MOST_LINES = 100_000;
    /** Share by which a number may have been rounded on its way through a spreadsheet. (Chosen: LibreOffice shows ten digits.) */
    private const SPREADSHEETS_LEEWAY = 1e-9;
    /** Stored parts are looked up for so many lines at once. */
    private const CHUNK = 250;

    public function __construct(
        private DocumentReader $reader,
        private DocumentNormalizer $documents,
        private Documents $stored,
        private Rows $rows,
        private InventoryPartKind $parts,
        private Transaction $transaction,
    ) {
    }

    /**
     * @return \Generator<int, array{PlannedPartDocument, array<string, mixed>}> each line's plan, with the part as it would be stored
     *
     * @throws InvalidDocument where it is no list of parts at all, or too long
     */
    public function read(string $contents): \Generator
    {
        return $this->plan(PartsFile::rows($contents));
    }

    /**
     * @param iterable<int, array{line: int, data: array<string, mixed>, faults: list<Fault>}> $rows
     *
     * @return \Generator<int, array{PlannedPartDocument, array<string, mixed>}>
     */
    private function plan(iterable $rows): \Generator
    {
        $seen = [];
        $chunk = [];
        $count = 0;
        foreach ($rows as $row) {
            if (++$count > self::MOST_LINES) {
                throw InvalidDocument::fault('file', \sprintf('At most %d lines are taken at once.', self::MOST_LINES), Fault::TOO_MANY);
            }
            $chunk[] = $row;
            if (self::CHUNK === \count($chunk)) {
                yield from $this->chunk($chunk, $seen);
                $chunk = [];
            }
        }
        yield from $this->chunk($chunk, $seen);
    }

    /**
     * @param list<array{line: int, data: array<string, mixed>, faults: list<Fault>}> $rows
     * @param array<string, int>                                                      $seen lines by id
     *
     * @return \Generator<int, array{PlannedPartDocument, array<string, mixed>}>
     */
    private function chunk(array $rows, array &$seen): \Generator
    {
        $ids = array_values(array_filter(array_map(static fn (array $row): mixed => $row['data']['id'] ?? null, $rows), \is_string(...)));
        $stored = $this->rows->findMany($this->parts, $ids);
        foreach ($rows as $row) {
            yield $this->one($row, $stored, $seen);
        }
        $this->transaction->forget();
    }

    /**
     * @param array{line: int, data: array<string, mixed>, faults: list<Fault>} $row
     * @param array<string, InventoryPart>                                      $stored by id
     * @param array<string, int>                                                $seen
     *
     * @return array{PlannedPartDocument, array<string, mixed>}
     */
    private function one(array $row, array $stored, array &$seen): array
    {
        $line = $row['line'];
        $name = \is_string($row['data']['name'] ?? null) ? $row['data']['name'] : '';
        $refuse = static fn (Fault ...$faults): array => [
            new PlannedPartDocument($line, PartAction::Refuse, $name, [], array_values($faults)),
            [],
        ];
        if ([] !== $row['faults']) {
            return $refuse(...$row['faults']);
        }
        try {
            $part = $this->reader->fromArray(array_diff_key($row['data'], ['version' => 0]), InventoryPartDocument::class);
        } catch (InvalidDocument $invalid) {
            return $refuse(...$invalid->faults);
        }
        $id = $part->id;
        if (null !== $id && isset($seen[$id])) {
            return $refuse(new Fault('id', "The same id is in line {$seen[$id]} already.", Fault::TAKEN));
        }
        if (null !== $id) {
            $seen[$id] = $line;
        }
        $document = $this->documents->toStored($part);
        if (null === $id || !isset($stored[$id])) {
            return [new PlannedPartDocument($line, PartAction::Add, $part->name), $document];
        }
        $was = $this->fields($stored[$id]);
        $document = self::withAllDigits($document, $was);
        $is = $this->fields($this->parts->entityOf($this->stored->made($document, InventoryPartDocument::class)));
        $fields = [...self::differing($was, $is), ...($stored[$id]->isDeleted() ? ['back in the bin'] : [])];

        return [new PlannedPartDocument($line, [] === $fields ? PartAction::Same : PartAction::Change, $part->name, $fields), $document];
    }

    /**
     * A spreadsheet keeps fifteen digits of a number and writes those. A number that differs from the stored one by no more is that one.
     *
     * @param array<string, mixed> $document
     * @param array<string, mixed> $stored
     *
     * @return array<string, mixed>
     */
    private static function withAllDigits(array $document, array $stored): array
    {
        foreach ($document as $field => $value) {
            $was = $stored[$field] ?? null;
            if (\is_float($value) && (\is_float($was) || \is_int($was)) && abs($value - $was) <= self::SPREADSHEETS_LEEWAY * abs($was)) {
                $document[$field] = $was;
            }
        }

        return $document;
    }

    /** @return array<string, mixed> */
    private function fields(InventoryPart $part): array
    {
        return $this->documents->toStored($this->parts->documentOf($part, true));
    }

    /**
     * @param array<string, mixed> $was
     * @param array<string, mixed> $is
     *
     * @return list<string>
     */
    private static function differing(array $was, array $is): array
    {
        $fields = [];
        foreach (array_keys($was + $is) as $field) {
            if (($was[$field] ?? null) !== ($is[$field] ?? null)) {
                $fields[] = $field;
            }
        }

        return $fields;
    }
}
