<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Contract\Error\StaleDocument;

/** Holds the version somebody changes against the version that is there. */
final class VersionCheck
{
    /** @throws StaleDocument */
    public static function expect(?int $expected, Kept $current, string $what): void
    {
        if (null !== $expected && $expected !== $current->version) {
            throw StaleDocument::changed($what, $current->document, $current->version);
        }
    }
}
