<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Inventory\PartBounds;
use Kontrast\Inventory\UnclearPartLine;

/** How many there are of a part and what one costs, wherever in a line it is said: "12", "x12", "2 packs of 8", "$4.99 a pack". */
final class SaidCount
{
    private const PACK = '(?:packs?|pks?|pkgs?|packages?|bags?|cards?)';
    private const PIECES = '(?:ct|cnt|count|pcs?|pieces?|pc|ea|left|total|units?)';
    private const WORDS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
        'eleven' => 11, 'twelve' => 12, 'fifteen' => 15, 'twenty' => 20,
    ];
    private const CENTS = 100;
    /** Numbers that may be the length of a trailer as well as a count, inches. */
    private const LENGTHS = '2-6';

    /** Of one. */
    public ?float $cost = null;
    public ?int $count = null;
    /** Pieces in a pack, where a pack was said. */
    private ?int $pack = null;
    private bool $isForAPack = false;
    private bool $isForEach = false;

    /** @throws UnclearPartLine where there are none, or too many */
    public function __construct(private readonly MaskedLine $line)
    {
        $found = $this->takeCost();
        $at = $this->line->last();
        $this->takeCount();
        $this->line->describe($found, $this->settleCost(), $at);
    }

    /**
     * Takes a number that stands alone for the count, where none was said.
     *
     * @param bool $mayBeLength "craw 4" may be four inches or four craws: it is not understood
     *
     * @throws UnclearPartLine where there are none, or too many
     */
    public function settle(bool $mayBeLength): void
    {
        if (null === $this->count) {
            $last = $mayBeLength ? '(?!['.self::LENGTHS.']\b)' : '';
            $found = $this->line->take('~^\s*(?:about|around|approx\.?|\~)?\s*(\d+)(?![\d\/.])|(?<![\w.\/#$-])'.$last.'(\d+)\s*$~');
            $this->counted($found, (int) implode('', \array_slice($found ?? [], 1)));
        }
    }

    /** @return array<string>|null what was found of it */
    private function takeCost(): ?array
    {
        $found = $this->line->take('~\$\s?(\d+(?:\.\d{1,2})?)(?:\s?(?:\/|per|a|an|each|ea)?\s?('.self::PACK.'|each|ea|apiece|piece)\b)?~')
            ?? $this->line->take('~\b(\d+\.\d{1,2})\s?(each|ea|apiece)\b~');
        $cents = null === $found ? $this->line->take('~\b(\d+)\s?(?:¢|cents?\b|c\b(?=\s*(?:each|ea|apiece)?))~') : null;
        if (null !== $cents) {
            $this->cost = (float) $cents[1] / self::CENTS;
        }
        if (null !== $found) {
            $this->cost = (float) $found[1];
            $per = $found[2] ?? '';
            $this->isForAPack = 1 === preg_match('~^'.self::PACK.'$~', $per);
            $this->isForEach = '' !== $per && !$this->isForAPack;
        }

        return $found ?? $cents;
    }

    /**
     * A price for a pack tells what one part costs only where it is said how many are in it.
     *
     * @return string what it is understood as
     */
    private function settleCost(): string
    {
        if (null === $this->cost) {
            return '';
        }
        $said = \sprintf('$%.2f', $this->cost);
        if ($this->isForEach || (null === $this->pack && !$this->isForAPack)) {
            return "$said each";
        }
        $this->cost = null === $this->pack ? null : round($this->cost / $this->pack, 2);

        return null === $this->pack ? "$said a pack, of how many is not said" : "$said a pack";
    }

    private function takeCount(): void
    {
        $n = '(\d+|'.implode('|', array_keys(self::WORDS)).'|a)';
        $of = '\s*(?:of|with|w\/|x|@|\(|-|,)?\s*\(?(\d+)\)?\s*';
        $found = $this->line->take("~(?<![\\w.\\/])$n\\s*x?\\s*".self::PACK.$of.self::PIECES.'?\b\)?~')
            ?? $this->line->take('~(?<![\w.\/])(\d+)\s*x\s*(\d+)[ -]?'.self::PACK.'\b~')
            ?? $this->line->take('~(?<![\w.\/])(\d+)\s+(\d+)[ -]?'.self::PACK.'\b~');
        if (null !== $found) {
            $this->pack = (int) $found[2];
            $this->counted($found, self::whole($found[1]) * $this->pack);
        } elseif (null !== ($found = $this->onePack())) {
            $this->pack = (int) $found[1];
            $this->counted($found, $this->pack * max(1, (int) ($found[2] ?? 1)));
        } elseif (null !== ($found = $this->line->take("~\\b(?:(half(?: a)?|$n)\\s+)?dozen\\b|\\b(?:a )?(pair|couple)\\b~"))) {
            $dozen = str_starts_with($found[1] ?? '', 'half') ? 6 : 12 * self::whole($found[1] ?? '');
            $this->counted($found, str_contains($found[0], 'dozen') ? $dozen : 2);
        } else {
            $found = $this->line->take('~(?:qty|quantity|count|have|got)\s*[:=]?\s*(\d+)\b|(?<![\w.\/])(\d+)\s?'.self::PIECES.'\b\.?'
                .'|\bx\s?(\d+)\b|(?<![\w.\/])(\d+)\s?x(?![a-z])|\*\s?(\d+)\b|[(\[]\s*x?\s*(\d+)\s*x?\s*[)\]]|[-:=,]\s+(\d+)\s*$~');
            $said = array_values(array_filter(\array_slice($found ?? [], 1), static fn (string $one): bool => '' !== $one));
            if ([] === $said) {
                $found = $this->line->take('~^\s*('.implode('|', array_keys(self::WORDS)).')\b~');
                $said = null === $found ? [] : [$found[1]];
            }
            $this->counted($found, self::whole($said[0] ?? ''));
        }
    }

    /** @return array<string>|null a pack of so many, and perhaps how many packs */
    private function onePack(): ?array
    {
        return $this->line->take('~\b'.self::PACK.' of (\d+)\b~')
            ?? $this->line->take('~(?<![\w.\/])(\d+)[ -]?(?:pk|pack)\b(?:\s*x\s*(\d+))?~')
            ?? $this->line->take('~(?<![\w.\/])(\d+)(?: pieces?)? (?:per|a|to a|in a) (?:pk|pack|bag)(?:\s*x\s*(\d+))?~');
    }

    /** @param array<string>|null $found */
    private function counted(?array $found, int $count): void
    {
        if (null === $found) {
            return;
        }
        if ($count < 1 || $count > PartBounds::MOST_COUNT) {
            throw UnclearPartLine::tooMany(PartBounds::MOST_COUNT);
        }
        $this->count = $count;
        $this->line->describe($found, "$count of them");
    }

    private static function whole(string $said): int
    {
        return 'a' === $said || '' === $said ? 1 : self::WORDS[$said] ?? (int) $said;
    }
}
