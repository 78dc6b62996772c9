<?php

declare(strict_types=1);

namespace App\Contract\Reader;

/** A piece of a faulty document that is of the declared shape, so that what else is asked of it can be checked all the same. */
final readonly class SoundPiece
{
    /**
     * @param class-string $class a document, whole; or, with a field, the one whose field it is
     * @param string       $path  where it stands
     */
    public function __construct(public string $class, public ?string $field, public mixed $value, public string $path)
    {
    }
}
