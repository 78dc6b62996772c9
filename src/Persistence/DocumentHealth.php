<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Contract\Error\Fault;
use App\Contract\Reader\FaultCollector;
use App\Contract\Reader\ShapeCheck;
use App\Persistence\Entity\HasDocument;
use App\Persistence\Entity\Stored;
use App\Persistence\Entity\StoredDocument;
use App\Persistence\Kind\Kind;
use App\Persistence\Kind\Shape;

/** Tells whether a stored document is still of the shape this program reads. */
final readonly class DocumentHealth
{
    public function __construct(private ShapeCheck $check)
    {
    }

    /**
     * @param Kind<covariant Stored, covariant object> $kind
     *
     * @return string|null a sentence, or null where nothing is wrong
     */
    public function problemOf(Kind $kind, Stored $one): ?string
    {
        $shape = $kind->is->shape;
        if (null === $shape || !$one instanceof HasDocument) {
            return null;
        }
        try {
            $this->check($one->document(), $shape);
        } catch (UnreadableDocument $unreadable) {
            return $unreadable->getMessage();
        }

        return null;
    }

    /** @throws UnreadableDocument */
    private function check(StoredDocument $document, Shape $shape): void
    {
        if ($document->shape() !== $shape->number) {
            throw UnreadableDocument::shape($document->shape(), $shape->number);
        }
        $faults = new FaultCollector();
        $this->check->object($document->decoded(), $shape->document, '', $faults);
        foreach ($faults->faults() as $fault) {
            if (Fault::MISSING === $fault->code && isset($shape->elsewhere[$fault->field])) {
                continue;
            }
            throw UnreadableDocument::fault($fault->field, $fault->message);
        }
    }
}
