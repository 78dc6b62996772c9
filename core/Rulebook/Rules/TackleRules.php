<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Line;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\RodAction;
use Kontrast\Lure\RodPower;
use Kontrast\Lure\Run;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Season;
use Kontrast\Reading\ShallowLineSchool;
use Kontrast\Rulebook\Part\Work;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\density;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\visibility;

/** What the lure is thrown on: line, rod and reel. Z5 to Z7 and Z9; where they are silent, a default of this program. */
final class TackleRules
{
    private const BRAID = [50, 65];

    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::line();
        yield from self::strength();
        yield from self::rod();
        yield from self::stiffness();
        yield from self::gear();
    }

    /** @return \Generator<int, Rule> */
    private static function line(): \Generator
    {
        yield rule('Z6')
            ->pick(Work::line(Line::Fluorocarbon))
            ->because('Fluorocarbon is the usual line for these lures.');

        yield rule('D9')->with('Z6')->for(LureKind::Spinnerbait, LureKind::BladedJig)->special()
            ->school(ShallowLineSchool::Monofilament)
            ->when(depth()->atMost(feet(4)), visibility()->between(feet(1), feet(3)))
            ->pick(Work::line(Line::Monofilament))
            ->because('Shallow stained water: you fish monofilament on a stiff rod, because a little stretch helps.');

        yield rule('Z6.braid')->deciding()->when(cover(Cover::Grass, Cover::Pads), density(CoverDensity::Heavy))
            ->pick(Work::line(Line::Braid), Work::pounds(...self::BRAID))
            ->because('Matted grass: braid.');
    }

    /** @return \Generator<int, Rule> */
    private static function strength(): \Generator
    {
        yield rule('house.line_lb')->fallback()
            ->pick(Work::pounds(14, 17))
            ->because('A medium line (a default of this program).');

        yield rule('house.line_lb.jig')->for(LureKind::Jig)
            ->pick(Work::pounds(15, 20))
            ->because('A strong line for a jig (a default of this program).');

        yield rule('Z6.swim_jig')->for(LureKind::SwimJig)
            ->pick(Work::pounds(20, 20))
            ->because('Swim jig: ‹20 lb› line.');

        yield rule('Z6.fall')->for(LureKind::BladedJig)->special()->when(season(Season::Fall))
            ->pick(Work::pounds(20, 20))
            ->because('Fall bladed jig: ‹20 lb› line, which also keeps it up.');

        yield rule('Z6.half_ounce')->for(LureKind::BladedJig)->when(settled(Slot::Weight, Weight::ounces(0.5)))
            ->pick(Work::pounds(12, 14))
            ->because('‹1/2 oz|Half-ounce› bladed jig: ‹12 to 14 lb› line.');

        yield rule('Z6.rock')->for(LureKind::Jig)->special()->when(cover(Cover::Rock))
            ->pick(Work::pounds(17, 25))
            ->because('Jig on rock: ‹17 to 25 lb› line.');

        yield rule('Z9.line')->for(LureKind::Jig)->when(settled(Slot::Weight, Weight::ounces(0.75)))
            ->pick(Work::pounds(20, 20))
            ->because('A heavy head has a stout hook, and setting it takes about ‹20 lb› line.');
    }

    /** @return \Generator<int, Rule> */
    private static function rod(): \Generator
    {
        yield rule('Z7.short')->with('O5')
            ->when(cover(Cover::Wood, Cover::Dock, Cover::FloodedBrush))
            ->pick(Work::rod(84, 87))
            ->because('Short accurate casts around targets: a rod of ‹84 to 87 in|7 ft to 7 ft 3 in›.');

        yield rule('Z7.fall')->for(LureKind::BladedJig)->special()
            ->when(season(Season::Fall), depth()->atMost(feet(5)))
            ->pick(Work::rod(86, 86))
            ->because('Fall banks: a rod of ‹86 in|7 ft 2 in› for short, quick casts.');

        yield rule('Z7.pitch')->for(LureKind::Jig)
            ->pick(Work::rod(84, 87))
            ->because('Pitching is short and accurate: a rod of ‹84 to 87 in|7 ft to 7 ft 3 in›.');

        yield rule('Z7.long')->for(LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig)
            ->pick(Work::rod(90, 90))
            ->because('Long casts and steady reeling: a rod of about ‹90 in|7 ft 6 in›.');
    }

    /** @return \Generator<int, Rule> how stiff the rod is, and where it bends (common practice, no source, but for swim and bladed jigs) */
    private static function stiffness(): \Generator
    {
        yield rule('Z7.power')
            ->pick(Work::power(RodPower::MediumHeavy))
            ->because('Medium-heavy is the usual power for these lures.');

        yield rule('Z7.power.high')->for(LureKind::SwimJig)->special()->when(settled(Slot::RetrieveRun, Run::High))
            ->pick(Work::power(RodPower::Heavy))
            ->because('A swim jig fished high in cover: a heavy rod pulls the fish out.');

        yield rule('Z7.power.bladed')->for(LureKind::BladedJig)->special()->when(not(cover(Cover::Grass)))
            ->pick(Work::power(RodPower::Medium))
            ->because('A bladed jig away from grass: a medium rod, and the give comes from the line.');

        yield rule('Z7.action')->for(LureKind::Jig, LureKind::SwimJig, LureKind::Spinnerbait)
            ->pick(Work::action(RodAction::Fast))
            ->because('A fast rod drives one big hook home.');

        yield rule('Z7.action.bladed')->for(LureKind::BladedJig)
            ->pick(Work::action(RodAction::ModerateFast))
            ->because('A bladed jig is taken on the move: a moderate rod with a fast tip lets the fish have it.');
    }

    /** @return \Generator<int, Rule> */
    private static function gear(): \Generator
    {
        yield rule('house.gear_ratio')->fallback()
            ->pick(Work::gear(6.3, 7.1))
            ->because('A medium reel (a default of this program).');

        yield rule('Z5.high')->with('R1')->special()->when(settled(Slot::RetrieveRun, Run::High))
            ->pick(Work::gear(7.5, 8.5))
            ->because('To keep the lure up: a fast reel, about 8:1.');

        yield rule('Z5.low')->with('R2')->for(LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig)->special()
            ->when(settled(Slot::RetrieveRun, Run::Low))
            ->pick(Work::gear(5.0, 6.4))
            ->because('To keep the lure down: a slower reel.');
    }
}
