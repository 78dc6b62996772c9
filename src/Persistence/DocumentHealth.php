<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Contract\Reader\FaultCollector;
use App\Contract\Reader\ShapeCheck;
use App\Persistence\Entity\HasDocument;
use App\Persistence\Entity\StoredDocument;
use App\Persistence\Upgrade\DocumentKind;

/** Tells whether a stored document is still of the shape this program reads. */
final readonly class DocumentHealth
{
    public function __construct(private ShapeCheck $shape)
    {
    }

    public function isReadable(HasDocument $stored): bool
    {
        return null === $this->problemOf($stored);
    }

    /** @return string|null a sentence, or null where nothing is wrong */
    public function problemOf(HasDocument $stored): ?string
    {
        try {
            $this->check($stored->document(), $stored->kindOfDocument());
        } catch (UnreadableDocument $unreadable) {
            return $unreadable->getMessage();
        }

        return null;
    }

    /** @throws UnreadableDocument */
    private function check(StoredDocument $document, DocumentKind $kind): void
    {
        if ($document->shape() !== $kind->shape()) {
            throw UnreadableDocument::shape($document->shape(), $kind->shape());
        }
        $faults = new FaultCollector();
        $this->shape->object($document->decoded(), $kind->document(), '', $faults);
        foreach ($faults->faults() as $fault) {
            throw UnreadableDocument::fault($fault->field, $fault->message);
        }
    }
}
