<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

/** A line of which stretches are taken, each once: what was taken is masked, byte for byte, so that nothing is read twice. */
final class MaskedLine
{
    /** In lower case. */
    private string $text;
    /** @var array<int, array{int, string}> length and meaning by offset, of what was taken */
    private array $taken = [];
    /** Where the last match was taken. */
    private int $last = 0;

    public function __construct(string $line)
    {
        $this->text = strtolower($line);
    }

    public function last(): int
    {
        return $this->last;
    }

    public function says(string $pattern): bool
    {
        return 1 === preg_match($pattern, $this->text);
    }

    /** @return array<string>|null the groups of the first match, which is masked then */
    public function take(string $pattern): ?array
    {
        if (1 !== preg_match($pattern, $this->text, $m, \PREG_OFFSET_CAPTURE)) {
            return null;
        }
        $groups = array_map(static fn (array $group): string => $group[1] < 0 ? '' : $group[0], $m);
        [$whole, $at] = $m[0];
        $this->last = $at;
        $this->text = substr_replace($this->text, str_repeat("\x01", \strlen($whole)), $at, \strlen($whole));
        $this->taken[$at] = [\strlen($whole), ''];

        return $groups;
    }

    /**
     * Puts the first so many bytes of the last match back.
     *
     * @param array<string> $found
     */
    public function giveBack(array $found, int $bytes): void
    {
        $at = $this->last;
        $this->text = substr_replace($this->text, substr($found[0], 0, $bytes), $at, $bytes);
        unset($this->taken[$at]);
        $this->last = $at + $bytes;
        $this->taken[$this->last] = [\strlen($found[0]) - $bytes, ''];
    }

    /**
     * @param array<string>|null $found
     * @param int|null           $at    where it stands; null for what was found last
     */
    public function describe(?array $found, string $means, ?int $at = null): void
    {
        if (null !== $found) {
            $this->taken[$at ?? $this->last][1] = $means;
        }
    }

    /** @return list<array{int, string}> words and numbers that were not taken, with where they stand */
    public function rest(): array
    {
        preg_match_all('~[\p{L}]+|\d[\d.\/]*~u', $this->text, $m, \PREG_OFFSET_CAPTURE);

        return array_map(static fn (array $found): array => [$found[1], $found[0]], $m[0]);
    }

    /** @return array<int, array{int, string}> length and meaning by offset, of what was taken */
    public function taken(): array
    {
        return $this->taken;
    }
}
