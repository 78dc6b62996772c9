<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Contract\Error\StaleDocument;

/** Holds the version somebody changes against the version that is there. */
final class VersionCheck
{
    /** Whatever is there is changed, also where the document itself names a version. */
    public const ANY = -2;

    /** @throws StaleDocument */
    public static function expect(?int $expected, Kept $current, string $what): void
    {
        if (null !== $expected && self::ANY !== $expected && $expected !== $current->version) {
            throw StaleDocument::changed($what, $current->document, $current->version);
        }
    }
}
