<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\OutingDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Persistence\Entity\Outing;

/** What is stored of an outing in the shape in which a document of one is written, so that the two can be compared field by field. */
final readonly class StoredOuting
{
    public function __construct(private DocumentNormalizer $documents, private DocumentReader $reader)
    {
    }

    /** @return array<string, mixed> every field of everything */
    public function plain(Outing $outing): array
    {
        /** @var array<string, mixed> $stored */
        $stored = json_decode(json_encode($outing->toArray(), \JSON_THROW_ON_ERROR), true, flags: \JSON_THROW_ON_ERROR);

        return $this->documents->toArray($this->document($stored));
    }

    /** @param array<string, mixed> $plain */
    public function document(array $plain): OutingDocument
    {
        return $this->reader->trusted($plain, OutingDocument::class);
    }
}
