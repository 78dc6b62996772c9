<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Inventory\PartBounds;
use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\UnclearPartLine;
use Kontrast\Lure\HookSize;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;

/** Takes the numbers out of a line: each once, by what stands beside it. What is left are words, and numbers that say nothing. */
final class LineNumbers
{
    private const FRACTION = '(\d+)\s*\/\s*(\d+)';
    private const PACK = '(?:packs?|pks?|pkgs?|packages?|bags?|cards?)';
    private const PIECES = '(?:ct|cnt|count|pcs?|pieces?|pc|ea|left|total|units?)';
    private const WORDS = [
        'one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10,
        'eleven' => 11, 'twelve' => 12, 'fifteen' => 15, 'twenty' => 20,
    ];
    private const CENTS = 100;
    /** Fractions that heads above an ounce come in: "1 1/2 oz" is an ounce and a half, "1 3/8 oz" one of three eighths (Z1). */
    private const ABOVE_AN_OUNCE = ['1 1/4', '1 1/2'];
    /** Numbers that may be the length of a trailer as well as a count, inches. */
    private const LENGTHS = '2-6';
    /** Numbers of blades end here: a larger number at the end of a line is a count. */
    private const MOST_BLADE = 8;

    /** In lower case; what was taken is masked, byte for byte. */
    private string $text;
    /** @var array<int, array{int, string}> length and meaning by offset, of what was taken */
    private array $taken = [];
    /** @var array<string, int> where what has a unit was taken */
    private array $measured = [];

    public ?Weight $weight = null;
    public ?Length $length = null;
    public ?HookSize $hook = null;
    public ?int $number = null;
    /** Of one. */
    public ?float $cost = null;
    public ?int $count = null;
    /** Pieces in a pack, where a pack was said. */
    private ?int $pack = null;
    private bool $isForAPack = false;
    private bool $isForEach = false;
    /** Where the last match was taken. */
    private int $last = 0;

    /** @throws UnclearPartLine where a number is out of its range */
    public function __construct(string $line)
    {
        $this->text = strtolower($line);
        $this->takeMeasures();
        $this->takeCost();
        $this->takeCount();
    }

    /**
     * Reads what no unit says, now that it is known what the part is.
     *
     * @throws UnclearPartLine where a number is out of its range
     */
    public function settle(PartKind $kind): void
    {
        if (PartKind::Head === $kind && null === $this->weight) {
            $found = $this->take('~(?<![\w.\/#$])(?:(\d+)-)?'.self::FRACTION.'(?![\w\/.])|(?<![\w.\/#$])()()(\d?\.\d+)(?![\w.])~');
            if (null !== $found) {
                $this->weight = $this->weight(Weight::ounces(self::bare($found)));
            }
        }
        if (PartKind::Trailer === $kind && null === $this->length) {
            $found = $this->take('~(?<![\w.\/#$])(\d+)[- ]'.self::FRACTION.'(?![\w\/.])|(?<![\w.\/#$])()()(\d*\.\d+)(?![\w.])~');
            if (null !== $found) {
                $this->length = $this->length(Length::inches(self::bare($found)));
            }
        }
        if (\in_array($kind, [PartKind::Bead, PartKind::Clevis, PartKind::Spacer, PartKind::Swivel, PartKind::Collar], true)) {
            $found = $this->take('~(?<![\w.\/#$])(\d+\/\d+|\d*\.\d+)(?![\w\/.])~');
            $this->describe($found, $found[1] ?? '');
        }
        if (PartKind::Blade === $kind && null === $this->number) {
            $found = $this->take('~(?<![\w.\/$])([1-'.self::MOST_BLADE.'])(?![\d\/.]|\s*x\b)(?=[^\d]*$)(?<!^.)~');
            $this->number = null === $found ? null : (int) $found[1];
            $this->describe($found, '#'.$this->number);
        }
        if (null === $this->count) {
            // "craw 4" may be four inches or four craws: it is not understood.
            $last = PartKind::Trailer === $kind && null === $this->length ? '(?!['.self::LENGTHS.']\b)' : '';
            $found = $this->take('~^\s*(?:about|around|approx\.?|\~)?\s*(\d+)(?![\d\/.])|(?<![\w.\/#$-])'.$last.'(\d+)\s*$~');
            $this->counted($found, (int) implode('', \array_slice($found ?? [], 1)));
        }
    }

    /** Whether a weight is said, be it without a unit: only heads are told by a fraction of one. */
    public function hasWeight(): bool
    {
        return null !== $this->weight || 1 === preg_match('~(?<![\w.\/#$])\d+\/(?:2|4|8|16)(?![\w\/.])~', $this->text);
    }

    /** @return list<array{int, string}> words and numbers that were not taken, with where they stand */
    public function rest(): array
    {
        preg_match_all('~[\p{L}]+|\d[\d.\/]*~u', $this->text, $m, \PREG_OFFSET_CAPTURE);

        return array_map(static fn (array $found): array => [$found[1], $found[0]], $m[0]);
    }

    /** @return list<int> where measures stand that such a part does not have */
    public function unfit(PartKind $kind): array
    {
        return array_values(array_diff_key($this->measured, match ($kind) {
            PartKind::Head => ['weight' => 0, 'hook' => 0],
            PartKind::Blade => ['number' => 0],
            PartKind::Skirt => [],
            PartKind::Trailer => ['length' => 0],
            PartKind::Hook => ['hook' => 0],
            default => ['length' => 0, 'number' => 0],
        }));
    }

    /** @return array<int, array{int, string}> length and meaning by offset, of what was taken */
    public function taken(): array
    {
        return $this->taken;
    }

    private function takeMeasures(): void
    {
        $number = '(?:(\d+)[- ]+'.self::FRACTION.'|'.self::FRACTION.'|(\d*\.\d+|\d+))';
        $found = $this->take('~(?<![\w.\/])'.$number.'\s?-?\s?(oz|ozs|ounces?|g|gr|gm|grams?)\b\.?~');
        if (null !== $found) {
            $isOunces = str_starts_with($found[7], 'o');
            $isMixed = str_contains($found[0], "$found[1]-") || \in_array("$found[1] $found[2]/$found[3]", self::ABOVE_AN_OUNCE, true);
            if ($isOunces && '' !== $found[1] && !$isMixed) {
                $this->giveBack($found, \strlen($found[1]));
                $found[1] = '';
            }
            $value = self::value($found);
            $this->weight = $this->weight($isOunces ? Weight::ounces($value) : Weight::grams($value));
        }
        $found = $this->take('~(?<![\w.\/])'.$number.'\s?-?\s?(in(?:ch(?:es)?|s)?\b\.?|"|\'\'|mm\b|cm\b)~');
        if (null !== $found) {
            $value = self::value($found);
            $this->length = $this->length(match ($found[7]) {
                'mm' => Length::millimetres($value),
                'cm' => Length::millimetres(10 * $value),
                default => Length::inches($value),
            });
        }
        $found = $this->take('~#?\s?(?<![\d\/])([1-9])\/0(?:\'?s)?\b~');
        if (null !== $found) {
            $this->hook = HookSize::labelled("$found[1]/0") ?? throw UnclearPartLine::outOfRange('hook size', '1/0 to 5/0');
            $this->describe($found, "$found[1]/0");
            $this->measured['hook'] = $this->last;
        }
        $found = $this->take('~(?:#|\b(?:no|nr|num|number|sizes?|sz)\b\.?:?\s*#?)\s?(\d+)\b(?!\s*\/)~');
        $this->number = null === $found ? null : (int) $found[1];
        if (null !== $found) {
            $this->describe($found, "#$this->number");
            $this->measured['number'] = $this->last;
        }
        $this->take('~\b\d+[- ]?strands?\b~');
    }

    private function takeCost(): void
    {
        $found = $this->take('~\$\s?(\d+(?:\.\d{1,2})?)(?:\s?(?:\/|per|a|an|each|ea)?\s?('.self::PACK.'|each|ea|apiece|piece)\b)?~')
            ?? $this->take('~\b(\d+\.\d{1,2})\s?(each|ea|apiece)\b~');
        $cents = null === $found ? $this->take('~\b(\d+)\s?(?:¢|cents?\b|c\b(?=\s*(?:each|ea|apiece)?))~') : null;
        if (null !== $cents) {
            $this->cost = (float) $cents[1] / self::CENTS;
        }
        if (null !== $found) {
            $this->cost = (float) $found[1];
            $per = $found[2] ?? '';
            $this->isForAPack = 1 === preg_match('~^'.self::PACK.'$~', $per);
            $this->isForEach = '' !== $per && !$this->isForAPack;
        }
        $per = $this->isForAPack ? ' a pack' : ' each';
        $this->describe($found ?? $cents, null === $this->cost ? '' : \sprintf('$%.2f', $this->cost).$per);
    }

    private function takeCount(): void
    {
        $n = '(\d+|'.implode('|', array_keys(self::WORDS)).'|a)';
        $of = '\s*(?:of|with|w\/|x|@|\(|-|,)?\s*\(?(\d+)\)?\s*';
        $found = $this->take("~(?<![\\w.\\/])$n\\s*x?\\s*".self::PACK.$of.self::PIECES.'?\b\)?~')
            ?? $this->take('~(?<![\w.\/])(\d+)\s*x\s*(\d+)[ -]?'.self::PACK.'\b~')
            ?? $this->take('~(?<![\w.\/])(\d+)\s+(\d+)[ -]?'.self::PACK.'\b~');
        if (null !== $found) {
            $this->pack = (int) $found[2];
            $this->counted($found, self::whole($found[1]) * $this->pack);
        } elseif (null !== ($found = $this->take('~\b'.self::PACK.' of (\d+)\b~'))
            || null !== ($found = $this->take('~(?<![\w.\/])(\d+)[ -]?(?:pk|pack)\b(?:\s*x\s*(\d+))?~'))
            || null !== ($found = $this->take('~(?<![\w.\/])(\d+)(?: pieces?)? (?:per|a|to a|in a) (?:pk|pack|bag)(?:\s*x\s*(\d+))?~'))) {
            $this->pack = (int) $found[1];
            $this->counted($found, $this->pack * max(1, (int) ($found[2] ?? 1)));
        } elseif (null !== ($found = $this->take("~\\b(?:(half(?: a)?|$n)\\s+)?dozen\\b|\\b(?:a )?(pair|couple)\\b~"))) {
            $dozen = str_starts_with($found[1] ?? '', 'half') ? 6 : 12 * self::whole($found[1] ?? '');
            $this->counted($found, str_contains($found[0], 'dozen') ? $dozen : 2);
        } else {
            $found = $this->take('~(?:qty|quantity|count|have|got)\s*[:=]?\s*(\d+)\b|(?<![\w.\/])(\d+)\s?'.self::PIECES.'\b\.?'
                .'|\bx\s?(\d+)\b|(?<![\w.\/])(\d+)\s?x(?![a-z])|\*\s?(\d+)\b|[(\[]\s*x?\s*(\d+)\s*x?\s*[)\]]|[-:=,]\s+(\d+)\s*$~');
            $said = array_values(array_filter(\array_slice($found ?? [], 1), static fn (string $one): bool => '' !== $one));
            if ([] === $said) {
                $found = $this->take('~^\s*('.implode('|', array_keys(self::WORDS)).')\b~');
                $said = null === $found ? [] : [$found[1]];
            }
            $this->counted($found, self::whole($said[0] ?? ''));
        }
        if (!$this->isForEach && null !== $this->cost && null !== $this->pack) {
            $this->cost = round($this->cost / max(1, $this->pack), 2);
        }
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
        $this->describe($found, "$count of them");
    }

    private function weight(Weight $weight): Weight
    {
        if ($weight->inOunces() <= 0 || $weight->inOunces() > PartBounds::MOST_WEIGHT_OZ) {
            throw UnclearPartLine::outOfRange('weight', 'above 0 to '.PartBounds::MOST_WEIGHT_OZ.' oz');
        }
        $this->taken[$this->last][1] = $weight->label();
        $this->measured['weight'] = $this->last;

        return $weight;
    }

    private function length(Length $length): Length
    {
        if ($length->inInches() <= 0 || $length->inInches() > PartBounds::MOST_LENGTH_IN) {
            throw UnclearPartLine::outOfRange('length', 'above 0 to '.PartBounds::MOST_LENGTH_IN.' in');
        }
        $this->taken[$this->last][1] = round($length->inInches(), 2).' in';
        $this->measured['length'] = $this->last;

        return $length;
    }

    /** @param array<string> $found */
    private static function value(array $found): float
    {
        return '' !== $found[2] ? (float) $found[1] + self::part($found[2], $found[3])
            : ('' !== $found[4] ? self::part($found[4], $found[5]) : (float) $found[6]);
    }

    /** @param array<string> $found a mixed number, or a decimal one behind it */
    private static function bare(array $found): float
    {
        return (float) $found[1] + self::part($found[2], $found[3]) + (float) ($found[6] ?? 0);
    }

    private static function part(string $above, string $below): float
    {
        return (float) $above / max(1.0, (float) $below);
    }

    private static function whole(string $said): int
    {
        return 'a' === $said || '' === $said ? 1 : self::WORDS[$said] ?? (int) $said;
    }

    /** @return array<string>|null the groups of the first match, which is masked then */
    private function take(string $pattern): ?array
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
    private function giveBack(array $found, int $bytes): void
    {
        $at = $this->last;
        $this->text = substr_replace($this->text, substr($found[0], 0, $bytes), $at, $bytes);
        unset($this->taken[$at]);
        $this->last = $at + $bytes;
        $this->taken[$this->last] = [\strlen($found[0]) - $bytes, ''];
    }

    /** @param array<string>|null $found */
    private function describe(?array $found, string $means): void
    {
        if (null !== $found) {
            $this->taken[$this->last][1] = $means;
        }
    }
}
