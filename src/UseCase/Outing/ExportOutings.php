<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Format\OutingsTable;
use App\Persistence\Rows;

/** All outings with all that was noted, to carry away. */
final readonly class ExportOutings
{
    public function __construct(private Rows $rows, private OutingKind $kind, private DocumentNormalizer $documents)
    {
    }

    public function table(): string
    {
        return OutingsTable::write(array_map($this->documents->cells(...), $this->all()));
    }

    /** @return list<OutingDocument> with their pictures */
    public function all(): array
    {
        $documents = [];
        foreach ($this->rows->each($this->kind, isListed: true) as $outing) {
            $documents[] = $this->kind->documentOf($outing, true);
        }

        return $documents;
    }
}
