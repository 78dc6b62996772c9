<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Quantity;
use Kontrast\Rulebook\ReadingBuilder;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Tally;
use Kontrast\Rulebook\Vote;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\core\Simulation;

/**
 * X1: every band holds from end to end, both ends included, with every other rule in play. Each rule that names a range is walked through
 * it, in readings in which the rest of it is met; its pick has to hold wherever no rule of the same or a higher rank votes otherwise.
 * Common practice, no source.
 */
final class WalkTest extends TestCase
{
    private const READINGS = 5;
    private const DRAFTS = 120;
    /** Just inside an end that does not belong to the range. */
    private const INSIDE = 0.01;

    #[Group(Simulation::GROUP)]
    #[DataProvider('rules')]
    public function testARuleHoldsFromEndToEndOfItsRange(string $id): void
    {
        $engine = Engine::standard();
        $rule = $engine->book->rules[$id];
        $walked = 0;
        foreach (self::readings($engine, $rule) as $reading) {
            foreach (self::ranges($rule) as [$quantity, $numbers]) {
                foreach ($numbers as $number) {
                    $decision = $engine->decide($quantity->set($reading, $number));
                    $where = "$id at {$quantity->value} $number";
                    self::assertSame(1.0, $rule->strength($decision->situation()), $where);
                    self::assertPicksHold($rule, $decision, $where);
                    ++$walked;
                }
            }
        }
        self::assertGreaterThan(0, $walked, "No reading meets $id.");
    }

    /** @return iterable<string, array{string}> */
    public static function rules(): iterable
    {
        foreach (Engine::standard()->book->rules as $rule) {
            if ([] !== self::ranges($rule) && null === $rule->heading && !self::ranks($rule)) {
                yield $rule->id => [$rule->id];
            }
        }
    }

    private static function assertPicksHold(Rule $rule, Decision $decision, string $where): void
    {
        $inUse = (new Assembly($decision))->slotsInUse();
        foreach ($rule->for as $pick) {
            $tally = $decision->on($pick->slot);
            if (null === $tally || !\in_array($pick->slot, $inUse, true) || self::isContested($rule, $pick, $tally, $decision)) {
                continue;
            }
            foreach ($pick->values($decision->situation()) as $value) {
                $base = $pick->slot->base();
                $isItsOwnBase = null !== $base && \in_array($value->key, self::keys($decision, $base), true);
                $isFull = $pick->slot->capacity() > 1 && \count($tally->winners) === $pick->slot->capacity();
                if ($isItsOwnBase || $isFull) {
                    continue;
                }
                self::assertContains($value->key, $tally->keys(), "$where: {$pick->slot->value}");
            }
        }
    }

    /** Whether a rule of the same or a higher rank votes for something else, or against this. */
    private static function isContested(Rule $rule, Pick $pick, Tally $tally, Decision $decision): bool
    {
        $mine = array_map(static fn ($value): string => $value->key, $pick->values($decision->situation()));

        return [] !== array_filter($tally->votes, static fn (Vote $vote): bool => $vote->rule !== $rule
            && $vote->rule->rank->value >= $rule->rank->value
            && ($vote->count > 0) !== \in_array($vote->value->key, $mine, true));
    }

    /** @return list<string> */
    private static function keys(Decision $decision, Slot $slot): array
    {
        return $decision->on($slot)?->keys() ?? [];
    }

    /** @return iterable<int, Reading> in which the rule votes in full */
    private static function readings(Engine $engine, Rule $rule): iterable
    {
        $dice = new Randomizer(new Mt19937(crc32('walk '.$rule->id)));
        $left = Simulation::size(self::READINGS, 2);
        for ($i = 0; $i < self::DRAFTS && $left > 0; ++$i) {
            $draft = new ReadingBuilder($dice, $engine->book, false, $rule->kinds);
            $draft->satisfyRule($rule);
            $reading = $draft->reading();
            if ($rule->isFor($reading->lure) && self::holdsThroughout($engine, $rule, $reading)) {
                --$left;
                yield $reading;
            }
        }
    }

    /** What a rule looks at beside its range may change along with it: such a reading is no walk through one range. */
    private static function holdsThroughout(Engine $engine, Rule $rule, Reading $reading): bool
    {
        if ($rule->strength($engine->decide($reading)->situation()) < 1.0) {
            return false;
        }
        foreach (self::ranges($rule) as [$quantity, $numbers]) {
            foreach ($numbers as $number) {
                $situation = $engine->decide($quantity->set($reading, $number))->situation();
                foreach ($rule->conditions as $condition) {
                    if ([] !== $condition->slotsUsed() && $condition->strength($situation) < 1.0) {
                        return false;
                    }
                    if ('range' !== $condition->describe()['kind'] && $condition->strength($situation) < 1.0) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /** @return list<array{Quantity, non-empty-list<float>}> every range a rule states, with the numbers to walk it by */
    private static function ranges(Rule $rule): array
    {
        $ranges = [];
        foreach ($rule->conditions as $condition) {
            $told = $condition->describe();
            $quantity = 'range' === $told['kind'] && \is_string($told['field']) ? Quantity::tryFrom($told['field']) : null;
            if (null === $quantity) {
                continue;
            }
            $in = true === $told['open'] ? self::INSIDE : 0.0;
            $least = \is_float($told['least']) ? $told['least'] + $in : null;
            $most = \is_float($told['most']) ? $told['most'] - $in : null;
            $from = $least ?? min(Quantity::Trend === $quantity ? -3.0 : 0.5, $most ?? 0.5);
            $from = Quantity::Surface === $quantity && null === $least ? 34.0 : $from;
            $to = $most ?? match ($quantity) {
                Quantity::Visibility => max(120.0, $from * 1.1),
                Quantity::Surface => max(80.0, $from + 5),
                Quantity::Depth => max(40.0, $from * 1.1),
                Quantity::ForageLength => 8.0,
                Quantity::Trend => 8.0,
            };
            $ranges[] = [$quantity, array_map(static fn (int $i): float => $from + ($to - $from) * $i / 6, range(0, 6))];
        }

        return $ranges;
    }

    private static function ranks(Rule $rule): bool
    {
        return Slot::LureRanking === ($rule->for[0] ?? $rule->against[0] ?? null)?->slot;
    }
}
