<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Facts;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;

/**
 * A number at which a rule begins or ends is one that the trade states: in the facts it rests on, or in the fact that says what a word of
 * theirs means. Common practice, no source.
 */
final class StatedLimitsTest extends TestCase
{
    /** How clear is clear, what cold is, and when crawfish turn. */
    private const MEANINGS = ['W1', 'X14', 'F5'];
    private const INCHES_PER_FOOT = 12;
    /**
     * Rules of the house, and rules whose facts say "muddy", "deep", "small" or "tiny" of something that no fact gives a number for: theirs
     * were chosen.
     */
    private const CHOSEN = [
        'house.weight.jig.deep', 'house.mild', 'house.small', 'W8', 'W8.bladed_jig', 'W11.fifty', 'Y3.rock',
        'Z1.0', 'Z1.2', 'Z1.4', 'Z1.10', 'Z1.15', 'Z1.20', 'Z1.25', 'Z1.30', 'Z1.35', 'Z1.range.20',
        'Z10', 'Z9', 'Z9.jig', 'Z1.spinnerbait',
        'S23.big', 'T14.length', 'S17.fall', 'S22', 'S22.form', 'S22.spinnerbait', 'S17', 'S17.shallow',
        'B6.opaque', 'B12.opaque', 'B8.marker', 'B10.pair', 'B1.indiana', 'B10.mud', 'B10.big_shad', 'S12.jig', 'T3',
        'R6', 'R6.drop', 'D9', 'Y1.deep', 'R1.swim_jig', 'Y4.limbs', 'Y4.shallow', 'R3.bladed_jig', 'W4.bladed_jig', 'K1',
    ];

    /** Picks that lie within what their facts state, or of which they only say "heavy", "big" or "long": these were chosen. */
    private const CHOSEN_PICKS = [
        'Z1.25', 'Z1.30', 'Z3', 'R2.head', 'Z4', 'B2.regular', 'B2.big', 'B2.bladed_jig.small', 'B2.bladed_jig.big', 'B11', 'T8.cold',
        'Z6.braid', 'Z5.high', 'Z5.low',
    ];
    private const HOUSE = 'house.';

    public function testWhatARulePicksIsWhatItsFactsState(): void
    {
        $unstated = [];
        $count = 0;
        foreach (Rulebook::standard()->rules as $rule) {
            $stated = self::stated($rule);
            foreach ([...$rule->for, ...$rule->against] as $pick) {
                foreach (self::quantities($pick->value) as [$unit, $quantity]) {
                    ++$count;
                    if (!\in_array($quantity, $stated[$unit], true)) {
                        $unstated[$rule->id][] = "$quantity $unit";
                    }
                }
            }
        }
        self::assertGreaterThan(100, $count);
        $ofFacts = array_filter($unstated, static fn (string $id): bool => !str_starts_with($id, self::HOUSE), \ARRAY_FILTER_USE_KEY);
        self::assertSame([], array_diff_key($ofFacts, array_flip(self::CHOSEN_PICKS)));
        self::assertSame([], array_diff(self::CHOSEN_PICKS, array_keys($ofFacts)), 'These need not be chosen: their facts say it.');
    }

    public function testARuleBeginsAndEndsWhereItsFactsSay(): void
    {
        $unstated = [];
        $count = 0;
        foreach (Rulebook::standard()->rules as $rule) {
            $stated = self::stated($rule);
            foreach (self::limits($rule) as [$field, $limit]) {
                ++$count;
                if (!\in_array($limit, $stated[self::unitOf($field)], true)) {
                    $unstated[$rule->id][] = "$field $limit";
                }
            }
        }
        self::assertGreaterThan(350, $count);
        self::assertSame([], array_diff_key($unstated, array_flip(self::CHOSEN)));
        self::assertSame([], array_diff(self::CHOSEN, array_keys($unstated)), 'These need not be chosen: their facts say it.');
    }

    /** @return list<array{string, float}> the field and the number, of every range it asks for */
    private static function limits(Rule $rule): array
    {
        $limits = [];
        $look = static function (mixed $one) use (&$look, &$limits): void {
            if (!\is_array($one)) {
                return;
            }
            if ('range' === ($one['kind'] ?? null) && \is_string($one['field'])) {
                foreach ([$one['least'], $one['most']] as $limit) {
                    if (\is_float($limit)) {
                        $limits[] = [$one['field'], $limit];
                    }
                }
            }
            array_map($look, $one);
        };
        $look(array_map(static fn (Condition $condition): array => $condition->describe(), $rule->conditions));

        return $limits;
    }

    /** @return array<string, list<float>> by unit: in, ft, °F */
    private static function stated(Rule $rule): array
    {
        $textOf = static fn (string ...$ids): string => implode(' ', array_map(static fn (string $id): string => Facts::ALL[$id], $ids));
        $own = $rule->because.' '.$textOf(...$rule->facts);
        // A size, a ratio, and a weight of a head are often said without their unit.
        $stated = ['in' => [], 'ft' => [], 'oz' => self::numbers($own), 'lb' => [], '°F' => [], '' => self::numbers($own)];
        preg_match_all('/‹([^‹›|]+) (in|ft|oz|lb|°F|F°)/u', $own.' '.$textOf(...self::MEANINGS), $quantities, \PREG_SET_ORDER);
        foreach ($quantities as [, $numbers, $unit]) {
            foreach (self::numbers($numbers) as $number) {
                $stated['F°' === $unit ? '°F' : $unit][] = $number;
                if ('ft' === $unit) {
                    $stated['in'][] = $number * self::INCHES_PER_FOOT;
                } elseif ('in' === $unit) {
                    $stated['ft'][] = $number / self::INCHES_PER_FOOT;
                }
            }
        }
        // No change at all needs no number.
        $stated['°F'][] = 0.0;

        return $stated;
    }

    /** @return list<float> with fractions as anglers write them: 3/8, 1-1/2 */
    private static function numbers(string $text): array
    {
        $pattern = '~(?:(?<whole>\d+)-)?(?<upper>\d+)/(?<lower>[1-9]\d*)|(?<plain>\d+(?:\.\d+)?)~';
        preg_match_all($pattern, $text, $found, \PREG_SET_ORDER | \PREG_UNMATCHED_AS_NULL);

        return array_map(
            static fn (array $one): float => null !== $one['plain']
                ? (float) $one['plain']
                : (float) $one['whole'] + (float) $one['upper'] / (float) $one['lower'],
            $found,
        );
    }

    /** @return list<array{string, float}> the unit and the number, of all that a value holds */
    private static function quantities(mixed $value): array
    {
        return match (true) {
            $value instanceof Length => [['in', $value->inInches()]],
            $value instanceof Weight => [['oz', $value->inOunces()]],
            \is_int($value), \is_float($value) => [['', (float) $value]],
            \is_array($value) => array_merge(...array_map(self::quantities(...), array_values($value))),
            \is_object($value) && !$value instanceof \UnitEnum => self::quantities((array) $value),
            default => [],
        };
    }

    private static function unitOf(string $field): string
    {
        return match (true) {
            str_ends_with($field, '_in') => 'in',
            str_ends_with($field, '_ft') => 'ft',
            default => '°F',
        };
    }
}
