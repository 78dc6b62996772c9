<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Outing\PhotoDocument;

/**
 * Pictures as they are stored: JPEG and nothing else, made small by the browser, and here once more without anything a camera writes into
 * one beside the picture or behind its end: where it was taken, when, with what (segments as in ITU-T T.81, annex B).
 */
final class PhotoFile
{
    private const MOST_BYTES = 500_000;
    private const MOST_SIDE = 2000;
    private const START = "\xFF\xD8";
    private const MARK = "\xFF";
    private const SCAN = 0xDA;
    private const END = 0xD9;
    private const JFIF = 0xE0;
    private const FIRST_APP = 0xE0;
    private const LAST_APP = 0xEF;
    private const COMMENT = 0xFE;

    /** @throws InvalidDocument where it is no such picture */
    public static function ofDataUrl(string $url, string $field): string
    {
        $bytes = base64_decode(substr($url, (int) strpos($url, ',') + 1), true);

        return false === $bytes ? throw self::unreadable($field) : self::cleaned($bytes, $field);
    }

    /**
     * @return string the same picture without what else the file said
     *
     * @throws InvalidDocument where it is no JPEG, cut off, or too large
     */
    public static function cleaned(string $bytes, string $field): string
    {
        if (\strlen($bytes) > self::MOST_BYTES) {
            throw InvalidDocument::fault($field, PhotoDocument::TOO_LARGE, Fault::TOO_LARGE);
        }
        $size = str_starts_with($bytes, self::START) ? @getimagesizefromstring($bytes) : false;
        if (false === $size || \IMAGETYPE_JPEG !== $size[2]) {
            throw self::unreadable($field);
        }
        [$width, $height] = $size;
        if (min($width, $height) < 1 || max($width, $height) > self::MOST_SIDE) {
            throw self::unreadable($field);
        }
        $clean = self::START;
        $at = 2;
        while ($at + 2 <= \strlen($bytes)) {
            $marker = \ord($bytes[$at + 1]);
            if (self::MARK !== $bytes[$at]) {
                throw self::unreadable($field);
            }
            if (self::END === $marker) {
                return $clean.self::MARK.\chr(self::END);
            }
            if ($at + 4 > \strlen($bytes)) {
                break;
            }
            $length = 2 + (\ord($bytes[$at + 2]) << 8 | \ord($bytes[$at + 3]));
            $says = ($marker >= self::FIRST_APP && $marker <= self::LAST_APP && self::JFIF !== $marker) || self::COMMENT === $marker;
            if (self::SCAN === $marker) {
                $length += \strlen(self::scanned(substr($bytes, $at + $length)) ?? throw self::unreadable($field));
            }
            $clean .= $says ? '' : substr($bytes, $at, $length);
            $at += $length;
        }
        throw self::unreadable($field);
    }

    /**
     * @param string $from what follows the heading of a scan
     *
     * @return string|null the picture's own data up to the next marker; null where none follows
     */
    private static function scanned(string $from): ?string
    {
        // A mark within the data is followed by a zero, or by the number of a restart.
        return 1 === preg_match('/^.*?(?=\xFF[^\x00\xD0-\xD7\xFF])/s', $from, $data) ? $data[0] : null;
    }

    private static function unreadable(string $field): InvalidDocument
    {
        return InvalidDocument::fault($field, 'This is not a readable JPEG picture of at most 2000 by 2000 pixels.', Fault::BAD_FILE);
    }
}
