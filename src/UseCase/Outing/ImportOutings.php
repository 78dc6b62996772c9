<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Logbook\LogbookDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\OutingImportDocument;
use App\Contract\Reader\DocumentReader;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Logbook\ImportLogbook;
use App\UseCase\Shelf;

/**
 * Takes outings in, all or nothing: those that are not there yet, and of a logbook in JSON what it says anew of those that are. What it
 * would do can be seen before.
 */
final readonly class ImportOutings
{
    public function __construct(
        private Rows $rows,
        private OutingKind $outings,
        private Shelf $shelf,
        private ReadOutingsTable $table,
        private ImportLogbook $whole,
        private MergeOuting $merge,
        private DocumentReader $reader,
        private Transaction $transaction,
    ) {
    }

    /**
     * What a table, or a logbook in JSON, holds; nothing is stored.
     *
     * @throws InvalidDocument with the line of each fault
     */
    public function preview(string $contents): OutingImportDocument
    {
        if (self::isJson($contents)) {
            return $this->look($this->logbook($contents));
        }
        $outings = array_column($this->table->read($contents), 1);

        return OutingImportDocument::of($outings, \count($this->known($outings)));
    }

    /**
     * From a table, or everything from a logbook in JSON.
     *
     * @throws InvalidDocument with the line of each fault; nothing is stored then
     */
    public function import(string $contents): OutingImportDocument
    {
        if (self::isJson($contents)) {
            $logbook = $this->logbook($contents);

            return $this->transaction->run(function () use ($logbook): OutingImportDocument {
                $holds = $this->look($logbook);
                $this->whole->import($logbook);

                return $holds;
            });
        }
        $read = $this->table->read($contents);
        $known = $this->take($read);

        return OutingImportDocument::of(array_column($read, 1), $known);
    }

    private function look(LogbookDocument $logbook): OutingImportDocument
    {
        $known = $this->known($logbook->outings);
        $joined = array_filter(array_map($this->merge->look(...), $known));

        return OutingImportDocument::of(
            $logbook->outings,
            \count($known),
            \count(array_filter($joined, static fn (JoinedOuting $one): bool => $one->isNews)),
            array_merge(...array_column(array_values($joined), 'conflicts')),
        );
    }

    /**
     * @param list<OutingDocument> $outings
     *
     * @return array<int, OutingDocument>
     */
    private function known(array $outings): array
    {
        return array_filter($outings, fn (OutingDocument $outing): bool => null !== $this->rows->findAny($this->outings, $outing->id));
    }

    private static function isJson(string $contents): bool
    {
        return str_starts_with(ltrim($contents), '{');
    }

    /** @throws InvalidDocument */
    private function logbook(string $json): LogbookDocument
    {
        return $this->reader->read($json, LogbookDocument::class);
    }

    /**
     * @param list<array{int, OutingDocument}> $read each with its line
     *
     * @return int how many were there already
     *
     * @throws InvalidDocument
     */
    private function take(array $read): int
    {
        return $this->transaction->run(function () use ($read): int {
            $faults = [];
            $known = 0;
            foreach ($read as [$line, $outing]) {
                if (null !== $this->rows->findAny($this->outings, $outing->id)) {
                    ++$known;
                    continue;
                }
                try {
                    $this->shelf->add(OutingKind::NAME, $outing);
                } catch (InvalidDocument $invalid) {
                    array_push($faults, ...$invalid->onLine($line));
                }
            }

            return [] === $faults ? $known : throw InvalidDocument::because($faults);
        });
    }
}
