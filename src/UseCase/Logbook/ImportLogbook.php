<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Contract\Error\InvalidDocument;
use App\Contract\Logbook\LogbookDocument;
use App\Contract\Outing\OutingDocument;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Kinds;
use App\Persistence\Kind\Place;
use App\Persistence\Rows;
use App\Persistence\Transaction;
use App\UseCase\Outing\MergeOuting;
use App\UseCase\Shelf;

/**
 * Takes waters, readings, builds, trips, outings and trials in: what is not there yet, all or nothing. What is stored under the same id,
 * changed or deleted since, is left alone; only a known outing is joined with what the file notes.
 */
final readonly class ImportLogbook
{
    public function __construct(
        private Kinds $kinds,
        private Rows $rows,
        private Shelf $shelf,
        private MergeOuting $merge,
        private Transaction $transaction,
    ) {
    }

    /**
     * @return array<string, int> how many were added to each list
     *
     * @throws InvalidDocument
     */
    public function import(LogbookDocument $logbook): array
    {
        return $this->transaction->run(function () use ($logbook): array {
            $counts = [];
            foreach ($this->kinds->all() as $kind) {
                $given = Place::Logbook === $kind->is->place ? get_object_vars($logbook)[$kind->is->field] ?? null : null;
                if (\is_array($given)) {
                    $counts[$kind->is->field] = $this->take($kind, array_values(array_filter($given, \is_object(...))));
                } elseif (\is_object($given) && null === $this->shelf->single($kind::name())) {
                    $this->shelf->replace($kind::name(), $given);
                }
            }

            return $counts;
        });
    }

    /**
     * @param Kind<Stored, object> $kind
     * @param list<object>         $documents
     *
     * @return int how many were new
     *
     * @throws InvalidDocument
     */
    private function take(Kind $kind, array $documents): int
    {
        $there = $this->rows->findMany($kind, array_values(array_filter(array_map(Rows::idOf(...), $documents), \is_string(...))));
        $isKnown = static fn (object $one): bool => isset($there[Rows::idOf($one) ?? '']);
        $known = array_filter($documents, $isKnown);
        $new = array_values(array_diff_key($documents, $known));
        $this->shelf->addAll($kind::name(), $new, $kind->is->field);
        foreach ($documents as $i => $outing) {
            if ($outing instanceof OutingDocument) {
                isset($known[$i]) ? $this->merge->merge($outing) : $this->merge->remember($outing);
            }
        }

        return \count($new);
    }
}
