<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

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
        $facts = array_map(static fn (string $id): string => Facts::ALL[$id], [...$rule->facts, ...self::MEANINGS]);
        preg_match_all('/‹([^‹›|]+) (in|ft|°F|F°)/u', implode(' ', [$rule->because, ...$facts]), $quantities, \PREG_SET_ORDER);
        $stated = ['in' => [], 'ft' => [], '°F' => []];
        foreach ($quantities as [, $numbers, $unit]) {
            preg_match_all('/\d+(?:\.\d+)?/', $numbers, $found);
            foreach (array_map(floatval(...), $found[0]) as $number) {
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

    private static function unitOf(string $field): string
    {
        return match (true) {
            str_ends_with($field, '_in') => 'in',
            str_ends_with($field, '_ft') => 'ft',
            default => '°F',
        };
    }
}
