<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Persistence\Entity\Outing;
use App\Persistence\Kind\Documents;

/** What is stored of an outing in the shape in which a document of one is written, so that the two can be compared field by field. */
final readonly class StoredOuting
{
    public function __construct(private OutingKind $kind, private DocumentNormalizer $normalizer, private Documents $documents)
    {
    }

    /** @return array<string, mixed> every field of everything */
    public function plain(Outing $outing): array
    {
        return $this->normalizer->toArray($this->kind->documentOf($outing));
    }

    /** @param array<string, mixed> $plain */
    public function document(array $plain): OutingDocument
    {
        return $this->documents->made($plain, OutingDocument::class);
    }
}
