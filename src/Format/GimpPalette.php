<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;

/**
 * The open palette text format that GIMP and Inkscape read and write: a first line "GIMP Palette", optional "Name:" and "Columns:",
 * comments with #, and a line a
 * colour: red, green and blue from 0 to 255, then its name.
 */
final class GimpPalette
{
    private const MOST = 2000;

    /** @param list<array{name: string, hex: string}> $colours */
    public static function write(string $name, array $colours): string
    {
        $lines = array_map(static function (array $colour): string {
            [$r, $g, $b] = sscanf($colour['hex'], '#%2x%2x%2x') ?? [0, 0, 0];

            return \sprintf("%3d %3d %3d\t%s", $r, $g, $b, str_replace(["\r", "\n", "\t"], ' ', $colour['name']));
        }, $colours);

        return implode("\n", ['GIMP Palette', "Name: $name", 'Columns: 8', '#', ...$lines])."\n";
    }

    /**
     * @return list<array{name: string, hex: string}>
     *
     * @throws InvalidDocument with the line
     */
    public static function read(string $text): array
    {
        $lines = preg_split('/\r\n|\r|\n/', mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'ISO-8859-1'));
        if (false === $lines || 'GIMP Palette' !== trim($lines[0] ?? '', " \u{FEFF}")) {
            throw InvalidDocument::fault('line 1', 'This is not a GIMP palette: its first line must be “GIMP Palette”.');
        }
        $colours = [];
        $faults = [];
        foreach (\array_slice($lines, 1, null, true) as $i => $line) {
            if ('' === trim($line) || str_starts_with(ltrim($line), '#') || 1 === preg_match('/^(Name|Columns):/', $line)) {
                continue;
            }
            if (
                1 !== preg_match('/^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/u', $line, $m)
                || max((int) $m[1], (int) $m[2], (int) $m[3]) > 255
            ) {
                $faults[] = new Fault('line '.($i + 1), 'Each line needs three numbers from 0 to 255 and a name.');
                continue;
            }
            $hex = \sprintf('#%02x%02x%02x', (int) $m[1], (int) $m[2], (int) $m[3]);
            $name = trim($m[4] ?? '');
            $colours[] = ['name' => mb_substr('' === $name ? $hex : $name, 0, 120), 'hex' => $hex];
        }
        if (\count($colours) > self::MOST) {
            $faults[] = new Fault('file', \sprintf('%d colors are too many. The most allowed is %d.', \count($colours), self::MOST));
        }

        return [] === $faults ? $colours : throw InvalidDocument::because($faults);
    }
}
