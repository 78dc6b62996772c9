<?php

declare(strict_types=1);

namespace Kontrast\Inventory\Words;

use Kontrast\Inventory\PartBounds;
use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\UnclearPartLine;
use Kontrast\Lure\HookSize;
use Kontrast\Measure\Length;
use Kontrast\Measure\Said;
use Kontrast\Measure\Weight;

/** Takes measures and counts out of a line, each once, by what stands beside it; what is left are words, and numbers that say nothing. */
final class LineNumbers
{
    private const FRACTION = '(\d+)\s*\/\s*(\d+)';
    /** Fractions that heads above an ounce come in: "1 1/2 oz" is an ounce and a half, "1 3/8 oz" one of three eighths (Z1). */
    private const ABOVE_AN_OUNCE = ['1 1/4', '1 1/2'];
    /** Numbers of blades end here: a larger number at the end of a line is a count. */
    private const MOST_BLADE = 8;

    /** @var array<string, int> where what has a unit was taken */
    private array $measured = [];

    public ?Weight $weight = null;
    public ?Length $length = null;
    public ?HookSize $hook = null;
    public ?int $number = null;
    public readonly SaidCount $count;
    public readonly MaskedLine $line;

    /** @throws UnclearPartLine where a number is out of its range */
    public function __construct(string $line)
    {
        $this->line = new MaskedLine($line);
        $this->takeMeasures();
        $this->count = new SaidCount($this->line);
    }

    /**
     * Reads what no unit says, now that it is known what the part is.
     *
     * @throws UnclearPartLine where a number is out of its range
     */
    public function settle(PartKind $kind): void
    {
        if (PartKind::Head === $kind && null === $this->weight) {
            $found = $this->line->take('~(?<![\w.\/#$])(?:(\d+)-)?'.self::FRACTION.'(?![\w\/.])|(?<![\w.\/#$])()()(\d?\.\d+)(?![\w.])~');
            if (null !== $found) {
                $this->weight = $this->weight(Weight::ounces(self::bare($found)));
            }
        }
        if (PartKind::Trailer === $kind && null === $this->length) {
            $found = $this->line->take('~(?<![\w.\/#$])(\d+)[- ]'.self::FRACTION.'(?![\w\/.])|(?<![\w.\/#$])()()(\d*\.\d+)(?![\w.])~');
            if (null !== $found) {
                $this->length = $this->length(Length::inches(self::bare($found)));
            }
        }
        if (\in_array($kind, [PartKind::Bead, PartKind::Clevis, PartKind::Spacer, PartKind::Swivel, PartKind::Collar], true)) {
            $found = $this->line->take('~(?<![\w.\/#$])(\d+\/\d+|\d*\.\d+)(?![\w\/.])~');
            $this->line->describe($found, $found[1] ?? '');
        }
        if (PartKind::Blade === $kind && null === $this->number) {
            $found = $this->line->take('~(?<![\w.\/$])([1-'.self::MOST_BLADE.'])(?![\d\/.]|\s*x\b)(?=[^\d]*$)(?<!^.)~');
            $this->number = null === $found ? null : (int) $found[1];
            $this->line->describe($found, '#'.$this->number);
        }
        $this->count->settle(PartKind::Trailer === $kind && null === $this->length);
    }

    /** Whether a weight is said, be it without a unit: only heads are told by a fraction of one. */
    public function hasWeight(): bool
    {
        return null !== $this->weight || $this->line->says('~(?<![\w.\/#$])\d+\/(?:2|4|8|16)(?![\w\/.])~');
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

    private function takeMeasures(): void
    {
        $number = '(?:(\d+)[- ]+'.self::FRACTION.'|'.self::FRACTION.'|(\d*\.\d+|\d+))';
        $found = $this->line->take('~(?<![\w.\/])'.$number.'\s?-?\s?(oz|ozs|ounces?|g|gr|gm|grams?)\b\.?~');
        if (null !== $found) {
            $isOunces = str_starts_with($found[7], 'o');
            $isMixed = str_contains($found[0], "$found[1]-") || \in_array("$found[1] $found[2]/$found[3]", self::ABOVE_AN_OUNCE, true);
            if ($isOunces && '' !== $found[1] && !$isMixed) {
                $this->line->giveBack($found, \strlen($found[1]));
                $found[1] = '';
            }
            $value = self::value($found);
            $this->weight = $this->weight($isOunces ? Weight::ounces($value) : Weight::grams($value));
        }
        $found = $this->line->take('~(?<![\w.\/])'.$number.'\s?-?\s?(in(?:ch(?:es)?|s)?\b\.?|"|\'\'|mm\b|cm\b)~');
        if (null !== $found) {
            $value = self::value($found);
            $this->length = $this->length(match ($found[7]) {
                'mm' => Length::millimetres($value),
                'cm' => Length::millimetres(10 * $value),
                default => Length::inches($value),
            });
        }
        $found = $this->line->take('~#?\s?(?<![\d\/])([1-9])\/0(?:\'?s)?\b~');
        if (null !== $found) {
            $this->hook = HookSize::labelled("$found[1]/0") ?? throw UnclearPartLine::outOfRange('hook size', '1/0 to 5/0');
            $this->line->describe($found, "$found[1]/0");
            $this->measured['hook'] = $this->line->last();
        }
        $found = $this->line->take('~(?:#|\b(?:no|nr|num|number|sizes?|sz)\b\.?:?\s*#?)\s?(\d+)\b(?!\s*\/)~');
        $this->number = null === $found ? null : (int) $found[1];
        if (null !== $found) {
            $this->line->describe($found, "#$this->number");
            $this->measured['number'] = $this->line->last();
        }
        $this->line->take('~\b\d+[- ]?strands?\b~');
    }

    private function weight(Weight $weight): Weight
    {
        if ($weight->inOunces() <= 0 || $weight->inOunces() > PartBounds::MOST_WEIGHT_OZ) {
            throw UnclearPartLine::outOfRange('weight', Said::mark('above 0 to '.PartBounds::MOST_WEIGHT_OZ.' oz'));
        }
        $this->line->describe([], $weight->said());
        $this->measured['weight'] = $this->line->last();

        return $weight;
    }

    private function length(Length $length): Length
    {
        if ($length->inInches() <= 0 || $length->inInches() > PartBounds::MOST_LENGTH_IN) {
            throw UnclearPartLine::outOfRange('length', Said::mark('above 0 to '.PartBounds::MOST_LENGTH_IN.' in'));
        }
        $this->line->describe([], $length->said());
        $this->measured['length'] = $this->line->last();

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
}
