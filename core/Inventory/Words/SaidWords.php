<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Inventory\PartKind;
use Kontrast\Lure\HeadForm;

/** What the words of a line mean, in their order, and which of them the part has taken up. */
final class SaidWords
{
    /** @var list<SaidWord> */
    public readonly array $words;
    /** @var array<int, true> those taken up, by where they stand */
    private array $used = [];

    /**
     * @param list<array{int, string}> $rest  words and numbers, with where they stand
     * @param self|null                $above the heading over the line, which says what the line does not
     */
    public function __construct(Lexicon $lexicon, array $rest, private readonly ?self $above = null)
    {
        $rest = array_values(array_filter($rest, Lexicon::carries(...)));
        $plain = array_map(static fn (array $word): string => mb_strtolower($word[1]), $rest);
        $words = [];
        for ($i = 0; $i < \count($rest);) {
            $found = $lexicon->longest($plain, $i);
            $length = $found[1] ?? 1;
            [$last, $text] = $rest[$i + $length - 1];
            $at = $rest[$i][0];
            $said = implode(' ', array_column(\array_slice($rest, $i, $length), 1));
            $isFiller = null === $found && Lexicon::isFiller($plain[$i]);
            $words[] = new SaidWord($at, $last + \strlen($text) - $at, $said, $found[0] ?? null, $isFiller);
            $i += $length;
        }
        $this->words = $words;
    }

    /** The kind of part that is named. */
    public function kind(): ?PartKind
    {
        $kinds = [];
        foreach ($this->words as $word) {
            if ($word->means instanceof PartKind) {
                $kinds[] = $word->means;
            } elseif ($word->means instanceof HeadForm && str_contains($word->text, 'head')) {
                $kinds[] = PartKind::Head;
            }
        }
        $isHook = array_filter(
            $this->words,
            static fn (SaidWord $one): bool => PartKind::Hook === $one->means && 'hook' !== rtrim(strtolower($one->text), 's'),
        );
        $others = array_values(array_filter($kinds, static fn (PartKind $kind): bool => PartKind::Hook !== $kind));

        return [] !== $isHook ? PartKind::Hook : $others[0] ?? $kinds[0] ?? null;
    }

    /** @param class-string<\UnitEnum> ...$enums */
    public function says(string ...$enums): bool
    {
        foreach ($this->words as $word) {
            if (\in_array(null === $word->means ? null : $word->means::class, $enums, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * The first of these, which the part takes up; the heading's where the line says none.
     *
     * @template T of \UnitEnum
     *
     * @param class-string<T> $enum
     *
     * @return T|null
     */
    public function first(string $enum): ?\UnitEnum
    {
        return $this->all($enum, 1)[0] ?? null;
    }

    /**
     * @template T of \UnitEnum
     *
     * @param class-string<T> $enum
     *
     * @return list<T>
     */
    public function all(string $enum, int $most = \PHP_INT_MAX): array
    {
        $found = [];
        foreach ($this->words as $word) {
            if ($word->means instanceof $enum && (\count($found) < $most || \in_array($word->means, $found, true))) {
                $this->use($word);
                $found[] = $word->means;
            }
        }

        return [] === $found && null !== $this->above ? $this->above->all($enum, $most) : array_values(array_unique($found, \SORT_REGULAR));
    }

    public function has(\UnitEnum $mark): bool
    {
        $has = false;
        foreach ($this->words as $word) {
            if ($mark === $word->means) {
                $this->use($word);
                $has = true;
            }
        }

        return $has || true === $this->above?->has($mark);
    }

    public function use(SaidWord $word): void
    {
        $this->used[$word->at] = true;
    }

    /** Whether nothing of the part comes of it. */
    public function isUnknown(SaidWord $word, PartKind $kind): bool
    {
        return !isset($this->used[$word->at]) && !$word->fitsAnything() && $kind !== $word->means;
    }

    public function colours(): SaidColours
    {
        $own = new SaidColours($this);

        return $own->isEmpty() && null !== $this->above ? new SaidColours($this->above) : $own;
    }
}
