<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Api\Document\OwnedPartDocument;
use App\Entity\BinPart;
use App\Storage\BinKeeper;
use App\Storage\Keeper;
use Doctrine\ORM\EntityManagerInterface;

/** Takes parts in from a table or from JSON: first tells line by line what it would do, then does all of it or none. */
final readonly class PartsImport
{
    private const BATCH = 250;
    private const MOST_LINES = 50_000;

    public function __construct(private DocumentReader $reader, private BinKeeper $bin, private Keeper $keeper, private EntityManagerInterface $entities)
    {
    }

    /**
     * @return list<PlannedPart>
     *
     * @throws InvalidDocument where it is no list of parts at all
     */
    public function plan(string $contents): array
    {
        $rows = \in_array(ltrim($contents)[0] ?? '', ['{', '['], true) ? self::json($contents) : PartsTable::read($contents);
        if (\count($rows) > self::MOST_LINES) {
            throw InvalidDocument::fault('file', \sprintf('%d lines are too many. At most %d are taken at once.', \count($rows), self::MOST_LINES));
        }
        $stored = [];
        foreach ($this->entities->getRepository(BinPart::class)->findAll() as $part) {
            $stored[$part->id()] = $part;
        }
        $seen = [];
        $plan = [];
        foreach ($rows as $row) {
            $planned = $this->planned($row, $stored, $seen);
            $plan[] = $planned;
            if (null !== $planned->part?->id) {
                $seen[$planned->part->id] ??= $row['line'];
            }
        }

        return $plan;
    }

    /**
     * Does what the plan says, as one transaction.
     *
     * @param list<PlannedPart>        $plan
     * @param callable(int, int): void $progress told how many of how many are done
     * @param bool                     $addOnly  leaves alone what is there already
     *
     * @return array{added: int, changed: int, same: int}
     *
     * @throws InvalidDocument where a line is refused
     */
    public function carryOut(array $plan, callable $progress, bool $addOnly = false): array
    {
        $faults = [];
        foreach ($plan as $planned) {
            foreach ($planned->faults as $fault) {
                $faults[] = new Fault(trim("line {$planned->line} {$fault->field}"), $fault->message);
            }
        }
        if ([] !== $faults) {
            throw InvalidDocument::because($faults);
        }

        return $this->keeper->write(function () use ($plan, $progress, $addOnly): array {
            $done = [PlannedPart::ADD => 0, PlannedPart::CHANGE => 0, PlannedPart::SAME => 0];
            foreach ($plan as $i => $planned) {
                $action = $addOnly && PlannedPart::CHANGE === $planned->action ? PlannedPart::SAME : $planned->action;
                $this->one($action, $planned);
                $done[$action] = ($done[$action] ?? 0) + 1;
                if (0 === ($i + 1) % self::BATCH) {
                    $this->entities->flush();
                    $progress($i + 1, \count($plan));
                }
            }
            $this->entities->flush();
            $progress(\count($plan), \count($plan));

            return ['added' => $done[PlannedPart::ADD], 'changed' => $done[PlannedPart::CHANGE], 'same' => $done[PlannedPart::SAME]];
        });
    }

    private function one(string $action, PlannedPart $planned): void
    {
        $document = $planned->part ?? throw new \LogicException('What is carried out was read.');
        if (PlannedPart::ADD === $action) {
            $this->entities->persist(new BinPart($document->id, $document->kind, trim($document->name), $document->count, $this->bin->traits($document)));
        }
        if (PlannedPart::CHANGE === $action) {
            $part = $this->entities->find(BinPart::class, $document->id) ?? throw new \LogicException('It was there when the plan was made.');
            $part->restore();
            $part->change($document->kind, trim($document->name), $document->count, $this->bin->traits($document));
        }
    }

    /**
     * @param array{line: int, data: array<string, mixed>, faults: list<Fault>} $row
     * @param array<string, BinPart>                                            $stored by id
     * @param array<string, int>                                                $seen   lines by id
     */
    private function planned(array $row, array $stored, array $seen): PlannedPart
    {
        $name = \is_string($row['data']['name'] ?? null) ? $row['data']['name'] : '';
        $refuse = static fn (Fault ...$faults): PlannedPart => new PlannedPart($row['line'], PlannedPart::REFUSE, $name, null, [], array_values($faults));
        if ([] !== $row['faults']) {
            return $refuse(...$row['faults']);
        }
        try {
            $part = $this->reader->fromArray(array_diff_key($row['data'], ['version' => 0]), OwnedPartDocument::class);
        } catch (InvalidDocument $invalid) {
            return $refuse(...$invalid->faults);
        }
        if (null === $part->id) {
            return new PlannedPart($row['line'], PlannedPart::ADD, $part->name, $part, [], []);
        }
        if (isset($seen[$part->id])) {
            return $refuse(new Fault('id', "The same id is in line {$seen[$part->id]} already."));
        }
        if (!isset($stored[$part->id])) {
            return new PlannedPart($row['line'], PlannedPart::ADD, $part->name, $part, [], []);
        }
        $fields = $this->differing($stored[$part->id], $part);

        return new PlannedPart($row['line'], [] === $fields ? PlannedPart::SAME : PlannedPart::CHANGE, $part->name, $part, $fields, []);
    }

    /** @return list<string> */
    private function differing(BinPart $stored, OwnedPartDocument $part): array
    {
        $was = array_diff_key(BinKeeper::row($stored), ['id' => 0, 'version' => 0]);
        $is = ['kind' => $part->kind->value, 'name' => trim($part->name), 'count' => $part->count] + $this->bin->traits($part);
        $fields = [];
        foreach (array_keys($was + $is) as $field) {
            if (($was[$field] ?? null) !== ($is[$field] ?? null)) {
                $fields[] = $field;
            }
        }

        return $stored->isDeleted() ? [...$fields, 'back in the bin'] : $fields;
    }

    /**
     * @return list<array{line: int, data: array<string, mixed>, faults: list<Fault>}> the place in the list stands for the line
     *
     * @throws InvalidDocument
     */
    private static function json(string $contents): array
    {
        $data = DocumentReader::isList($contents) ? ['parts' => json_decode($contents, true)] : DocumentReader::decode($contents);
        $parts = $data['parts'] ?? null;
        if (!\is_array($parts) || !array_is_list($parts)) {
            throw InvalidDocument::fault('parts', 'A list of parts is expected, or an object with one.');
        }
        $rows = [];
        foreach ($parts as $i => $part) {
            /** @var array<string, mixed> $fields */
            $fields = \is_array($part) ? $part : [];
            $rows[] = ['line' => $i + 1, 'data' => $fields, 'faults' => \is_array($part) ? [] : [new Fault('', 'A JSON object is expected, with its fields by name.')]];
        }

        return $rows;
    }
}
