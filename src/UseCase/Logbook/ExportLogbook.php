<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Contract\Logbook\LogbookDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Documents;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Kinds;
use App\Persistence\Kind\Place;
use App\Persistence\Kind\WaterKind;
use App\Persistence\Rows;
use App\Persistence\Upgrade\Upgrades;

/** Waters, readings, builds, trips, outings and trials as one document. */
final readonly class ExportLogbook
{
    public function __construct(
        private Kinds $kinds,
        private Rows $rows,
        private WaterKind $waters,
        private Documents $documents,
        private DocumentNormalizer $normalizer,
    ) {
    }

    /** Everything on the lists; a water that is off the list is not named either. */
    public function all(): LogbookDocument
    {
        $logbook = [];
        foreach ($this->kinds->all() as $kind) {
            if (Place::Logbook === $kind->is->place) {
                $documents = $this->listed($kind);
                $logbook[$kind->is->field] = $kind->is->isOne ? $documents[0] ?? null : $documents;
            }
        }

        return (new \ReflectionClass(LogbookDocument::class))->newInstanceArgs(['shapes' => Upgrades::shapes(), ...$logbook]);
    }

    /**
     * @param Kind<Stored, object> $kind
     *
     * @return list<object>
     */
    private function listed(Kind $kind): array
    {
        $documents = [];
        foreach ($this->rows->each($kind, isListed: true) as $one) {
            $documents[] = $this->atKnownWater($kind->documentOf($one, true));
        }

        return $documents;
    }

    private function atKnownWater(object $document): object
    {
        $id = property_exists($document, 'water_id') && \is_string($document->water_id) ? $document->water_id : null;

        return null === $id || null !== $this->rows->find($this->waters, $id)
            ? $document
            : $this->documents->made(['water_id' => null] + $this->normalizer->toArray($document), $document::class);
    }
}
