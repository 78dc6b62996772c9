<?php

declare(strict_types=1);

namespace Tests\core\Rulebook\Table;

use Kontrast\Lure\Arm;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Slot;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/**
 * Readings in which two facts want different things: which wins, and why. Common practice for the facts, no source; who wins is
 * this program's reading of them, and the reason for it stands beside each.
 */
final class ClashesTest extends TestCase
{
    #[DataProvider('clashes')]
    public function testOneOfTwoFactsWins(Reading $reading, Slot $slot, string $winner, string $loser): void
    {
        $tally = Engine::standard()->decide($reading)->on($slot);
        self::assertNotNull($tally);
        $rule = $tally->strongestFor($tally->winners[0])?->rule;
        self::assertNotNull($rule);
        self::assertContains($winner, $rule->facts, $rule->id);
        $outvoted = [];
        foreach ($tally->votesAgainst() as $vote) {
            $outvoted = [...$outvoted, ...$vote->rule->facts];
        }
        self::assertContains($loser, $outvoted);
    }

    /** @return iterable<string, array{Reading, Slot, string, string}> */
    public static function clashes(): iterable
    {
        yield 'S22 over S9: the dying shad of early spring is named closer than any dirty-water shad' => [
            Readings::of(
                LureKind::Spinnerbait,
                12,
                season: Season::EarlySpring,
                forage: Forage::Shad,
                surface: 50,
                forageInches: 6,
                sky: Sky::Sun,
            ),
            Slot::SkirtForm,
            'S22',
            'S15',
        ];
        yield 'B4 over B3 in mud: under cloud metal has nothing to throw back' => [
            Readings::of(LureKind::Spinnerbait, 4, Tint::Green, Sky::Overcast, forage: Forage::Shad),
            Slot::Finish,
            'B4',
            'B3',
        ];
        yield 'B4 over B14 in very clear water and sun: metal would glare' => [
            Readings::of(LureKind::BladedJig, 84, Tint::None, Sky::Sun, forage: Forage::Perch),
            Slot::Finish,
            'B4',
            'B14',
        ];
        yield 'B8 over B4 among shad: silver is what shad are' => [
            Readings::of(LureKind::BladedJig, 84, Tint::None, Sky::Sun, forage: Forage::Shad),
            Slot::Finish,
            'B8',
            'B4',
        ];
        yield 'B5 over B14: willing spotted bass are set off, not fooled' => [
            Readings::of(LureKind::BladedJig, 60, bite: Bite::Active, bass: Bass::Spotted, sky: Sky::Overcast),
            Slot::Finish,
            'B5',
            'B14',
        ];
        yield 'B6 over B3 at night: an outline is all there is' => [
            Readings::of(LureKind::Spinnerbait, 30, sky: Sky::Night),
            Slot::Finish,
            'B6',
            'B3',
        ];
        yield 'B3 over B9 without wind: copper is the runner-up' => [
            Readings::of(LureKind::BladedJig, 27, Tint::None, wind: Wind::Calm),
            Slot::Finish,
            'B3',
            'B9',
        ];
        yield 'B11 over B1: a short arm has no room for two' => [
            Readings::of(LureKind::Spinnerbait, 60, arm: Arm::Short),
            Slot::MainShape,
            'B11',
            'B1',
        ];
        yield 'F5 over S4: where the crawfish have turned, that is the season’s own colour' => [
            Readings::of(LureKind::Jig, 40, season: Season::EarlySpring, forage: Forage::Crawfish, surface: 54, red: true),
            Slot::SkirtBase,
            'F5',
            'S4',
        ];
        yield 'F5 over S1: it works in mud as well' => [
            Readings::of(LureKind::Jig, 10, sky: Sky::Sun, season: Season::EarlySpring, forage: Forage::Crawfish, surface: 55, red: true),
            Slot::SkirtBase,
            'F5',
            'S1',
        ];
        yield 'S6 over S10: rock, cold and season named, not the food alone' => [
            Readings::of(LureKind::Jig, 24, season: Season::LateWinter, cover: Cover::Rock, forage: Forage::Crawfish, surface: 49),
            Slot::SkirtBase,
            'S6',
            'S10',
        ];
        yield 'D13 at four and a half feet: green pumpkin and brown, a toss-up' => [
            Readings::of(LureKind::Jig, 54, forage: Forage::Crawfish, sky: Sky::Sun),
            Slot::SkirtBase,
            'D13',
            'S3',
        ];
        yield 'S17 over S15: no skirt at all in early-spring grass' => [
            Readings::of(
                LureKind::BladedJig,
                30,
                season: Season::EarlySpring,
                cover: Cover::Grass,
                forage: Forage::Shad,
                surface: 50,
                trend: 4,
            ),
            Slot::SkirtForm,
            'S17',
            'S15',
        ];
        yield 'S16 over T6: a long tail is its own trailer, even in the cold' => [
            Readings::of(LureKind::Spinnerbait, 30, season: Season::EarlySpring, forage: Forage::Shad, surface: 48, forageInches: 6),
            Slot::TrailerFitted,
            'S16',
            'T6',
        ];
        yield 'T8 over the food’s own length when it is cold' => [
            Readings::of(LureKind::BladedJig, 30, season: Season::Winter, surface: 42, forageInches: 2.8),
            Slot::TrailerLength,
            'T8',
            'T8',
        ];
        yield 'T9 over T13: in timber not rolling over comes first' => [
            Readings::of(LureKind::BladedJig, 30, season: Season::Summer, cover: Cover::Wood),
            Slot::TrailerStyle,
            'T9',
            'T13',
        ];
        yield 'W6 over P1: a hard day takes all contrast out' => [
            Readings::of(LureKind::SwimJig, 30, sky: Sky::Sun, wind: Wind::Calm, bite: Bite::Tough),
            Slot::Pairing,
            'W6',
            'P1',
        ];
        yield 'S11 over P1: in opaque tan water one dark shape' => [
            Readings::of(LureKind::Jig, 3, Tint::Clay, Sky::Overcast, forage: Forage::Crawfish),
            Slot::Pairing,
            'S11',
            'P1',
        ];
        yield 'P7 over B4: under a dock in low light gold still catches some' => [
            Readings::of(LureKind::BladedJig, 30, sky: Sky::LowSun, cover: Cover::Dock, forage: Forage::Shad),
            Slot::Finish,
            'P7',
            'F2',
        ];
    }
}
