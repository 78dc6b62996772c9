<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Pairing;
use Kontrast\Reading\Bite;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Facts;
use Kontrast\Rulebook\Slot;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;
use Tests\core\Simulation;

/** What may never be, whatever the water: looked for in 20,000 random readings. Common practice, no source. */
final class NeverTest extends TestCase
{
    private const READINGS = 20_000;
    private const SHAD_COLOURS = [Colour::White, Colour::Pearl, Colour::Smoke];
    /** A trailer's length may go past twice the forage's only by these facts: the big meal, the swimbait, the shortest there is. */
    private const LENGTH_FACTS = ['T8', 'S17', 'F9', 'T5'];

    #[Group(Simulation::GROUP)]
    public function testNothingThatMayNeverBe(): void
    {
        $engine = Engine::standard();
        $found = [];
        foreach (Readings::random(Simulation::size(self::READINGS, self::READINGS / 10), 2026) as $reading) {
            $lure = new Assembly($engine->decide($reading));
            foreach (self::looked($reading, $lure) as $what => $is) {
                if ($is) {
                    $found[$what] = ($found[$what] ?? 0) + 1;
                }
            }
        }
        self::assertSame([], $found);
    }

    /** Each pick is explained, by a rule that votes for that very pick. */
    public function testNoPickIsWithoutAReasonAndNoReasonSpeaksOfSomethingElse(): void
    {
        $adviser = Adviser::standard();
        foreach (Readings::random(400, 2027) as $reading) {
            $advice = $adviser->advise($reading);
            foreach ($advice->reasons as $reason) {
                $slots = array_map(static fn ($pick): Slot => $pick->slot, $reason->rule->for);
                self::assertContains($reason->slot, $slots, "{$reason->rule->id} does not vote on {$reason->slot->value}");
                self::assertNotSame('', $reason->rule->because);
                foreach ($reason->rule->facts as $fact) {
                    self::assertArrayHasKey($fact, Facts::ALL);
                }
                self::assertSame([] === $reason->rule->facts, str_starts_with($reason->rule->id, 'house.'));
            }
        }
    }

    public function testWithoutSkirtOrTrailerThereIsNoPairingAndNoWordOfIt(): void
    {
        $adviser = Adviser::standard();
        $bare = 0;
        foreach (Readings::random(600, 2028) as $reading) {
            $advice = $adviser->advise($reading);
            if (null !== $advice->build->skirt && null !== $advice->build->trailer) {
                self::assertNotNull($advice->pairing);
                continue;
            }
            ++$bare;
            self::assertNull($advice->pairing);
            self::assertNull($advice->wanted->pairing);
            self::assertStringNotContainsString('railer', $advice->wanted->line(true));
            self::assertNotContains(Slot::Pairing, array_map(static fn ($reason): Slot => $reason->slot, $advice->reasons));
            foreach ($advice->disagreements as $disagreement) {
                foreach ($disagreement->others as $other) {
                    self::assertTrue(
                        !isset($other->values['pairing']) || (null !== $other->build->skirt && null !== $other->build->trailer),
                    );
                }
            }
        }
        self::assertGreaterThan(20, $bare);
    }

    /** @return array<string, bool> */
    private static function looked(Reading $reading, Assembly $lure): array
    {
        $build = $lure->build();
        $inches = $reading->visibility->inInches();

        return [
            'bright metal or loud accents on a calm, sunny, tough day' => self::isLoudOnAToughDay($reading, $build),
            'a shad lure where they eat crawfish' => Forage::Crawfish === $reading->forage && self::isForShad($build),
            'a plain match under 6 in' => $inches < 6 && Pairing::Match === $lure->pairing() && !self::mayMatch($reading),
            'a see-through skirt in mud' => $inches < 6 && Opacity::Translucent === $build->skirt?->opacity,
            'a trailer more than twice the forage' => self::isFarTooLong($reading, $lure),
            'black that is not black at night' => Sky::Night === $reading->sky && self::isPaleAtNight($build),
            'a green pumpkin blade beside a black skirt (M5)' => Finish::GreenPumpkin === $build->rearBlade()?->finish
                && Colour::Black === $build->skirt?->base,
            'an orange blade on a natural skirt, crawfish not turned (M6)' => self::isHotOnNatural($build)
                && !self::mayBeTurned($reading),
            'a set that its blade does not make (M1 to M4)' => !self::isOfItsSet($lure, $build),
            'a dark set with another skirt than black (M2)' => LureSet::Dark === $lure->set()
                && !\in_array($build->skirt->base ?? Colour::Black, [Colour::Black], true),
            'a pick without a reason' => self::lacksAReason($lure),
            'a wound lure in rubber that is not cold and muddy' => LureKind::BladedJig === $reading->lure
                && 'living_rubber' === $build->skirt?->material->value,
        ];
    }

    private static function isLoudOnAToughDay(Reading $reading, Build $build): bool
    {
        if (Bite::Tough !== $reading->bite || Wind::Calm !== $reading->wind || $reading->visibility->inInches() <= 6) {
            return false;
        }
        $accents = [...($build->skirt->accents ?? []), ...($build->trailer->accents ?? [])];
        $seen = $reading->forageColours;

        return Sky::Sun === $reading->sky && (
            [] !== array_filter($build->blades, static fn ($blade): bool => $blade->finish->isBright() && !$blade->darkened)
            || [] !== array_filter(
                $accents,
                static fn (Colour $accent): bool => \in_array($accent, Colour::loud(), true) && !\in_array($accent, $seen, true),
            )
        );
    }

    private static function isHotOnNatural(Build $build): bool
    {
        $natural = [Colour::GreenPumpkin, Colour::Watermelon, Colour::Brown, Colour::Smoke, Colour::Pearl];

        return Finish::PaintedOrange === $build->rearBlade()?->finish && \in_array($build->skirt?->base, $natural, true);
    }

    private static function mayBeTurned(Reading $reading): bool
    {
        return $reading->redCrawfish && Forage::Crawfish === $reading->mainForage();
    }

    /** Written down a second time, from the words of the facts. */
    private static function isOfItsSet(Assembly $lure, Build $build): bool
    {
        $blade = $build->rearBlade();
        $metal = [Finish::Silver, Finish::Gold, Finish::Copper];
        $hot = [Finish::PaintedChartreuse, Finish::PaintedOrange, Finish::PaintedRed, Finish::PaintedPink, Finish::PaintedWhite];

        return null === $blade ? null === $lure->set() : match ($lure->set()) {
            LureSet::Dull => !\in_array($blade->finish, $metal, true) || $blade->darkened,
            LureSet::Dark => Finish::Black === $blade->finish,
            LureSet::Flash => \in_array($blade->finish, $metal, true) && !$blade->darkened,
            LureSet::Bright => \in_array($blade->finish, [...$metal, ...$hot], true) && !$blade->darkened,
            null => false,
        };
    }

    private static function isForShad(Build $build): bool
    {
        return null === $build->skirt || \in_array($build->skirt->base, self::SHAD_COLOURS, true);
    }

    private static function mayMatch(Reading $reading): bool
    {
        return PairingSchool::OneTone === $reading->schools->pairing
            || (Tint::Clay === $reading->tint && DirtySchool::Dark === $reading->dirtySchool());
    }

    private static function isFarTooLong(Reading $reading, Assembly $lure): bool
    {
        $forage = $reading->forageLength?->inInches();
        $trailer = $lure->build()->trailer?->length->inInches();
        if (null === $forage || null === $trailer || $trailer <= 2 * $forage) {
            return false;
        }
        $tally = $lure->decision->on(Slot::TrailerLength);
        $rule = null === $tally ? null : $tally->strongestFor($tally->winners[0])?->rule;

        return [] === array_intersect($rule->facts ?? [], self::LENGTH_FACTS);
    }

    private static function isPaleAtNight(Build $build): bool
    {
        return (null !== $build->skirt && Colour::Black !== $build->skirt->base)
            || [] !== array_filter($build->blades, static fn ($blade): bool => Finish::Black !== $blade->finish);
    }

    private static function lacksAReason(Assembly $lure): bool
    {
        foreach ($lure->slotsInUse() as $slot) {
            $tally = $lure->decision->on($slot);
            foreach ($tally->winners ?? [] as $value) {
                if (null === $tally?->strongestFor($value)) {
                    return true;
                }
            }
        }

        return false;
    }
}
