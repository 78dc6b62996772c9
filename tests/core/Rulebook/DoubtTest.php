<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Rank;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\Vote;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** A rule that an angler does not believe has no say where any other has one; safety keeps its own. (Chosen.) */
final class DoubtTest extends TestCase
{
    public function testWhoeverDoubtsARuleIsNeverAnsweredByIt(): void
    {
        $book = Rulebook::standard();
        $plain = new Engine($book);
        $doubted = 0;
        foreach (Readings::random(60, 17) as $reading) {
            $before = $plain->decide($reading);
            foreach ((new Assembly($before))->slotsInUse() as $slot) {
                $tally = $before->on($slot);
                $rule = ($tally?->votesFor()[0] ?? null)?->rule;
                if (null === $rule || !$rule->rank->canBeDoubted()) {
                    continue;
                }
                $without = (new Engine($book->doubting([$rule->id])))->decide($reading);
                foreach ($without->tallies as $tally) {
                    $said = array_map(static fn (Vote $vote): string => $vote->rule->id, $tally->believed());
                    self::assertTrue([$rule->id] === array_values(array_unique($said)) || !\in_array($rule->id, $said, true), $rule->id);
                }
                ++$doubted;
                break;
            }
        }
        self::assertGreaterThan(50, $doubted);
    }

    public function testWithoutEverythingThatCanBeDoubtedThereIsStillAnAnswerToEveryQuestion(): void
    {
        $book = Rulebook::standard();
        $left = $book->doubting(array_keys($book->rules));
        $ranks = array_map(static fn (Rule $rule): Rank => $rule->rank, $left->rules);
        self::assertEqualsCanonicalizing([Rank::Doubted, Rank::Fallback, Rank::Ruling], array_values(array_unique($ranks, \SORT_REGULAR)));
        foreach (Readings::random(40, 5) as $reading) {
            $decision = (new Engine($left))->decide($reading);
            self::assertSame($reading->lure, (new Assembly($decision))->build()->kind);
        }
    }

    public function testWhoDoubtsNothingOrWhatIsNoRuleHasTheSameBook(): void
    {
        $book = Rulebook::standard();
        self::assertSame($book, $book->doubting([]));
        self::assertSame($book, $book->doubting(['no.such.rule']));
    }
}
