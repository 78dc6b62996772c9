<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Inventory\PartKind;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\TrailerStyle;

/**
 * The words and phrases of a list of parts, also short, run together or misspelled. A phrase is its words in lower case without what stands
 * between them.
 *
 * @phpstan-type Meaning ColourPattern|\UnitEnum
 */
final class Lexicon
{
    /** What says of itself what kind of part it is. */
    private const KINDS = [PartKind::class, TrailerStyle::class, LureKind::class, BladeShape::class];
    /** Words that stand between the words of a phrase. */
    private const BETWEEN = ['and', 'n'];
    /** Letters that may be wrong in a word of so many. */
    private const LEAST_FOR_ONE = 5;
    private const LEAST_FOR_TWO = 8;

    /** @var array<array-key, Meaning> by phrase; a number as a key is no text any more */
    private array $phrases;
    /** @var array<array-key, true> words that phrases are made of */
    private array $words = [];
    /** @var array<array-key, string> phrases by their words run together */
    private array $joined = [];

    /** @param list<ColourPattern> $own names that the angler gave colors */
    public function __construct(array $own = [])
    {
        $phrases = [...self::colours(), ...PartPhrases::MEANINGS, ...TradePatterns::all()];
        foreach ($own as $pattern) {
            $phrases[implode(' ', self::split($pattern->name))] = $pattern;
        }
        $this->phrases = $phrases;
        foreach (array_map(strval(...), array_keys($phrases)) as $phrase) {
            $words = explode(' ', $phrase);
            foreach ($words as $word) {
                $this->words[$word] = true;
            }
            if (\count($words) > 1) {
                $this->joined[implode('', $words)] = $phrase;
            }
        }
    }

    /** @return list<string> the words of a text in lower case */
    public static function split(string $text): array
    {
        preg_match_all('/[\p{L}\d]+/u', mb_strtolower($text), $m);

        return $m[0];
    }

    /** @param array{int, string} $word with where it stands */
    public static function carries(array $word): bool
    {
        return !\in_array(strtolower($word[1]), self::BETWEEN, true);
    }

    public static function isFiller(string $word): bool
    {
        return \in_array($word, PartPhrases::FILLERS, true) || \in_array(rtrim($word, 's'), PartPhrases::FILLERS, true);
    }

    /**
     * @param list<string> $words in lower case
     *
     * @return array{Meaning, positive-int}|null what the longest phrase from a place on means, and how many words it has
     */
    public function longest(array $words, int $from): ?array
    {
        for ($length = min(4, \count($words) - $from); $length >= 1; --$length) {
            $known = array_map($this->known(...), \array_slice($words, $from, $length));
            $meaning = $this->phrases[implode(' ', $known)]
                ?? $this->phrases[implode(' ', array_map($this->spelledOut(...), $known))] ?? null;
            if (null !== $meaning) {
                return [$meaning, $length];
            }
        }

        return null;
    }

    /**
     * Whether nothing but kinds of parts, and what all of them are, is said in these words: no count, no color, nothing unknown.
     *
     * @param list<string> $words in lower case
     * @param bool         $isMarked written as a heading is: then one word that says a kind is enough, and colors may be said
     */
    public function isHeading(array $words, bool $isMarked): bool
    {
        $saysKind = $isPlural = false;
        for ($i = 0; $i < \count($words);) {
            [$means, $length] = $this->longest($words, $i) ?? [null, 1];
            $isKind = null !== $means && \in_array($means::class, self::KINDS, true);
            $isSize = 1 === preg_match('~^\d+$|^(?:oz|in|inch)$~', $words[$i]);
            if (!$isKind && !self::isFiller($words[$i]) && (!$isMarked || null === $means && !$isSize)) {
                return false;
            }
            $saysKind = $saysKind || $isKind || ($isMarked && null !== $means);
            $isPlural = $isPlural || ($isKind && str_ends_with($words[$i + $length - 1], 's'));
            $i += $length;
        }

        return $saysKind && ($isMarked || $isPlural);
    }

    /** The word as it is known: one, of several, parted, or rightly spelled; as it stands where it is not known. */
    private function known(string $word): string
    {
        $one = preg_replace('/(?<=s)es$|(?<=[^s])s$/', '', $word) ?? $word;
        $known = match (true) {
            $this->has($word) => $word,
            $this->has($one) => $one,
            self::isFiller($word) => $word,
            default => $this->misspelled($one) ?? $word,
        };

        return $this->joined[$known] ?? $known;
    }

    /** A short form of a color as the color: patterns are known by whole words. */
    private function spelledOut(string $word): string
    {
        $means = $this->phrases[$word] ?? null;

        return $means instanceof Colour ? str_replace('_', ' ', $means->value) : $word;
    }

    private function has(string $word): bool
    {
        return isset($this->words[$word]) || isset($this->joined[$word]);
    }

    /** The one known word that is nearest, where it is near enough. */
    private function misspelled(string $word): ?string
    {
        $letters = \strlen($word);
        if ($letters < self::LEAST_FOR_ONE || \in_array($word, PartPhrases::NO_MISSPELLING, true)) {
            return null;
        }
        $most = $letters < self::LEAST_FOR_TWO ? 1 : 2;
        $found = [];
        foreach (array_map(strval(...), array_keys($this->words + $this->joined)) as $known) {
            $longer = \strlen($known) - $letters;
            if (abs($longer) <= $most && \strlen($known) >= self::LEAST_FOR_ONE - 1 && $known[0] === $word[0]) {
                // Letters are swapped or left out more often than added.
                $found[10 * Misspelling::distance($word, $known) + (0 === $longer ? 0 : ($longer > 0 ? 1 : 2))][] = $known;
            }
        }
        ksort($found);
        $least = array_key_first($found);

        return null !== $least && intdiv($least, 10) <= $most && 1 === \count($found[$least]) ? $found[$least][0] : null;
    }

    /** @return array<string, Colour> */
    private static function colours(): array
    {
        $colours = [];
        foreach (Colour::cases() as $colour) {
            $colours[str_replace('_', ' ', $colour->value)] = $colour;
        }

        return $colours;
    }
}
