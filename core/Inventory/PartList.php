<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Inventory\Words\Lexicon;
use Kontrast\Inventory\Words\LineText;

/** A list of parts as it was pasted: its lines, each under the heading that holds for it. */
final class PartList
{
    /** A heading in so many words at most, where no colon says that it is one. (Chosen.) */
    private const MOST_WORDS = 4;

    /** @return list<array{line: int, text: string, heading: string}> what is written of each part, its line counted from 1 */
    public static function split(string $text, Lexicon $lexicon): array
    {
        $parts = [];
        $heading = '';
        foreach (explode("\n", str_replace(["\r\n", "\r"], "\n", $text)) as $index => $line) {
            $said = trim($line);
            if ('' === $said) {
                continue;
            }
            [$above, $rest] = self::heading($said, $lexicon) ?? [null, $said];
            $heading = $above ?? $heading;
            foreach (null === $above || '' === $rest ? [$rest] : self::listed($rest) as $one) {
                if ('' !== $one) {
                    $parts[] = ['line' => $index + 1, 'text' => $one, 'heading' => $heading];
                }
            }
        }

        return $parts;
    }

    /** @return array{string, string}|null the heading that a line is or begins with, and what comes after; null where it has none */
    private static function heading(string $line, Lexicon $lexicon): ?array
    {
        $plain = trim(preg_replace('~^(?:#+(?=\s)|[\s=*_\-–—])+|[\s=*_\-–—]+$~u', '', $line) ?? $line);
        $isMarked = '' !== $plain && $plain !== LineText::tidy($line);
        $colon = strpos($plain, ':');
        $before = false === $colon ? $plain : trim(substr($plain, 0, $colon));
        $after = false === $colon ? null : trim(substr($plain, $colon + 1));
        if (1 === preg_match('~^x?\s*\d+$~i', $after ?? '')) {
            return null;
        }
        $words = Lexicon::split($before);
        $isTooLong = null === $after && \count($words) > self::MOST_WORDS;
        if ([] === $words || $isTooLong || !$lexicon->isHeading($words, null !== $after || $isMarked)) {
            return null;
        }

        return [$before, $after ?? ''];
    }

    /** @return list<string> what is listed behind a heading in one line */
    private static function listed(string $rest): array
    {
        $parts = preg_split('~[,;](?!\d)~', $rest);

        return array_map(trim(...), false === $parts ? [$rest] : $parts);
    }
}
