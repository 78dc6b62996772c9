<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Logbook\LogbookDocument;
use App\Contract\Outing\OutingDocument;
use App\Contract\Outing\OutingImportDocument;
use App\Contract\Reader\DocumentReader;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Transaction;
use App\UseCase\Logbook\ImportLogbook;

/** Takes outings in: those that are not there yet, all or nothing; what it would do can be seen before. */
final readonly class ImportOutings
{
    public function __construct(
        private OutingRepository $outings,
        private SaveOuting $save,
        private ReadOutingsTable $table,
        private ImportLogbook $whole,
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
        $outings = self::isJson($contents) ? $this->logbook($contents)->outings : array_column($this->table->of($contents), 1);
        $known = array_filter($outings, fn (OutingDocument $outing): bool => $this->outings->has($outing->id));

        return OutingImportDocument::of($outings, \count($known));
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
            $added = $this->whole->import($logbook)['outings'];

            return OutingImportDocument::of($logbook->outings, \count($logbook->outings) - $added);
        }
        $read = $this->table->of($contents);
        $known = $this->take($read);

        return OutingImportDocument::of(array_column($read, 1), $known);
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
                if ($this->outings->has($outing->id)) {
                    ++$known;
                    continue;
                }
                try {
                    $this->save->add($outing);
                } catch (InvalidDocument $invalid) {
                    foreach ($invalid->faults as $one) {
                        $faults[] = new Fault(trim("line $line {$one->field}"), $one->message, $one->code);
                    }
                }
            }

            return [] === $faults ? $known : throw InvalidDocument::because($faults);
        });
    }
}
