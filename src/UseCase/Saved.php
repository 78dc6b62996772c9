<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;
use App\Persistence\UnreadableDocument;

/** A document as it is stored now, with the version a change has to name. */
final readonly class Saved
{
    public function __construct(public string $id, public int $version, public object $document)
    {
    }

    /**
     * @template E of Stored
     *
     * @param Kind<E, covariant object> $kind
     * @param E                         $one
     *
     * @throws UnreadableDocument
     */
    public static function of(Kind $kind, Stored $one): self
    {
        return new self($one->id(), $one->version(), $kind->documentOf($one));
    }
}
