<?php

declare(strict_types=1);

namespace App\Http;

use App\UseCase\VersionCheck;
use Symfony\Component\HttpFoundation\Request;

/** If-Match (RFC 9110): the version a change was made to. */
final class Precondition
{
    private const NONE_SUCH = -1;

    public static function tag(int $version): string
    {
        return "v$version";
    }

    /** @return int|null the version named, or VersionCheck::ANY; null where none is */
    public static function version(Request $request): ?int
    {
        $header = trim((string) $request->headers->get('If-Match'));
        if ('' === $header) {
            return null;
        }
        if ('*' === $header) {
            return VersionCheck::ANY;
        }

        return 1 === preg_match('/^"v(\d{1,9})"$/D', $header, $m) ? (int) $m[1] : self::NONE_SUCH;
    }
}
