<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Facts;
use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** What has to hold for the whole book, whatever its rules say. */
final class BookTest extends TestCase
{
    private const SAMPLE = 300;

    public function testARuleLooksOnlyAtAnswersSettledBeforeItsOwn(): void
    {
        foreach (Rulebook::standard()->rules as $rule) {
            $first = min(
                [\PHP_INT_MAX, ...array_map(static fn (Pick $pick): int => $pick->slot->rank(), [...$rule->for, ...$rule->against])],
            );
            foreach ($rule->conditions as $condition) {
                foreach ($condition->slotsUsed() as $slot) {
                    self::assertLessThan($first, $slot->rank(), "$rule->id looks at {$slot->value} before it is settled.");
                }
            }
        }
    }

    public function testEveryRuleSaysWhyAndPointsAtFactsThatExist(): void
    {
        foreach (Rulebook::standard()->rules as $rule) {
            self::assertNotSame('', $rule->because, "$rule->id gives no reason.");
            self::assertStringEndsWith('.', $rule->because, "$rule->id does not end its sentence.");
            foreach ($rule->facts as $fact) {
                self::assertArrayHasKey($fact, Facts::ALL, "$rule->id rests on $fact.");
            }
            self::assertSame(
                str_starts_with($rule->id, 'house.'),
                [] === $rule->facts,
                "$rule->id rests on a fact or says that it is the house's own.",
            );
        }
    }

    /** An advice would throw where the book left a question open. */
    public function testEveryReadingGetsAWholeLure(): void
    {
        $adviser = Adviser::standard();
        foreach (Readings::random(self::SAMPLE) as $reading) {
            $build = $adviser->advise($reading)->build;
            self::assertSame($reading->lure, $build->kind);
            self::assertTrue(null !== $build->skirt || null !== $build->trailer, 'A bare hook is no lure.');
        }
    }

    public function testEveryPickHasItsReason(): void
    {
        $adviser = Adviser::standard();
        foreach (Readings::random(60, 2) as $reading) {
            $advice = $adviser->advise($reading);
            $told = array_map(static fn (Reason $reason): string => $reason->slot->value, $advice->reasons);
            self::assertContains('skirt.trim', $told);
            self::assertSame([] !== $advice->build->blades, \in_array('blades.finish', $told, true));
            self::assertSame(null !== $advice->build->skirt, \in_array('skirt.base', $told, true));
            self::assertSame(null !== $advice->build->trailer, \in_array('trailer.base', $told, true));
        }
    }

    public function testTheSameReadingAlwaysGetsTheSameAdvice(): void
    {
        [$one, $another] = [Adviser::standard(), Adviser::standard()];
        foreach (Readings::random(20, 3) as $reading) {
            self::assertSame(serialize($one->advise($reading)->build), serialize($another->advise($reading)->build));
        }
    }

    /** What cannot be tied, in any water. */
    public function testNoAdviceIsAgainstTheNatureOfTheLure(): void
    {
        $adviser = Adviser::standard();
        foreach (Readings::random(self::SAMPLE, 4) as $reading) {
            $build = $adviser->advise($reading)->build;
            $jig = \in_array($reading->lure, [LureKind::Jig, LureKind::SwimJig], true);
            self::assertSame($jig, [] === $build->blades, 'Jigs, and only jigs, carry no blade.');
            self::assertSame(LureKind::Spinnerbait === $reading->lure, null !== $build->trailerHook);
            self::assertLessThanOrEqual(LureKind::Spinnerbait === $reading->lure ? 2 : 1, \count($build->blades));
            if (LureKind::Spinnerbait !== $reading->lure && null !== $build->trailer) {
                self::assertNotContains(
                    $build->trailer->style,
                    [TrailerStyle::SingleTailGrub, TrailerStyle::Ringworm],
                    'Grub tails with one curl belong on spinnerbaits.',
                );
            }
            foreach ($build->blades as $blade) {
                self::assertTrue(!$blade->darkened || Finish::Gold === $blade->finish, 'Only gold is dulled with a marker.');
            }
        }
    }
}
