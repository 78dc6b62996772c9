<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Contract\Error\InvalidDocument;
use App\Contract\Error\StaleDocument;
use App\Persistence\Entity\Stored;
use App\Persistence\Kind\Kind;

/**
 * Holds the version somebody changes against the version that is there. It is named by If-Match or by the document; a document that has a
 * version has to name one.
 */
final class VersionCheck
{
    /** Whatever is there is changed, also where the document itself names a version. */
    public const ANY = -2;
    /** What nothing has that is stored. */
    private const NONE = 0;

    /**
     * @template E of Stored
     *
     * @param int|null                  $named    by If-Match
     * @param object|null               $document what is to become of it; null where it says nothing of a version
     * @param Kind<E, covariant object> $kind
     * @param E                         $one      what is there
     *
     * @throws StaleDocument   where another one is there
     * @throws InvalidDocument where two are named
     */
    public static function expect(?int $named, ?object $document, Kind $kind, Stored $one): void
    {
        if (self::ANY === $named) {
            return;
        }
        $own = null;
        if (null !== $document && property_exists($document, 'version')) {
            $own = \is_int($document->version) ? $document->version : null;
            if (null !== $named && null !== $own && $named !== $own) {
                throw InvalidDocument::fault('version', "The document names version $own, and If-Match another. Name one.", 'two_versions');
            }
            $named ??= $own ?? self::NONE;
        }
        if (null !== $named && $named !== $one->version()) {
            throw StaleDocument::changed($kind->called($one), $kind->documentOf($one), $one->version());
        }
    }
}
