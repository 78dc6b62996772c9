<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Arm;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Pace;
use Kontrast\Lure\RetrieveName;
use Kontrast\Lure\Run;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Part\Work;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\arm;
use function Kontrast\Rulebook\bass;
use function Kontrast\Rulebook\chasing;
use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\run;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\visibility;

/** How the lure is worked: the motion, how fast, and where in the water. */
final class RetrieveRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::jig();
        yield from self::swimJig();
        yield from self::blades();
        yield from self::pace();
        yield from self::run();
    }

    /** @return \Generator<int, Rule> */
    private static function jig(): \Generator
    {
        yield rule('T7.pitch')->for(LureKind::Jig)
            ->pick(Work::retrieve(RetrieveName::Pitch, Run::Low))
            ->because('Pitch a jig to a target and drag it.');

        yield rule('R7')->with('Z4', 'O2')->for(LureKind::Jig)->special()
            ->when(cover(Cover::Rock), cold())
            ->pick(Work::retrieve(RetrieveName::Pitch, Run::Low), Work::pace(Pace::Slow))
            ->because('Cold rock: pitch ‹30 to 50 ft|30 to 50 feet›, start in ‹2 ft|two feet› of water and work down to '
                .'‹6 or 7 ft|six or seven›, touching rock.');
    }

    /** @return \Generator<int, Rule> */
    private static function swimJig(): \Generator
    {
        $swimJig = static fn (string $id): Rule => rule($id)->for(LureKind::SwimJig);

        yield $swimJig('house.retrieve.swim_jig')->fallback()
            ->pick(Work::retrieve(RetrieveName::Steady, Run::Mid))
            ->because('Reel it in steadily (a default of this program).');

        yield $swimJig('R1')->when(any(run(Run::High), cover(Cover::Dock, Cover::Wood, Cover::FloodedBrush)), not(run(Run::Low)))
            ->pick(Work::retrieve(RetrieveName::SwimHigh, Run::High))
            ->because('Under docks and limbs: shake the rod on a fast reel and keep the lure within ‹1 ft|a foot› of the surface.');

        yield $swimJig('R2')->when(any(run(Run::Low), cover(Cover::Grass)), not(run(Run::High)))
            ->pick(Work::retrieve(RetrieveName::SwimLow, Run::Low))
            ->because('Low over grass: reel slowly and steadily with a slower reel.');
    }

    /** @return \Generator<int, Rule> */
    private static function blades(): \Generator
    {
        $blades = static fn (string $id): Rule => rule($id)->for(LureKind::Spinnerbait, LureKind::BladedJig);

        yield $blades('house.retrieve.blades')->fallback()
            ->pick(Work::retrieve(RetrieveName::Steady, Run::Mid))
            ->because('Reel it in steadily (a default of this program).');

        yield rule('R3')->for(LureKind::BladedJig)->special()->when(cover(Cover::Grass, Cover::Pads))
            ->pick(Work::retrieve(RetrieveName::Rip, Run::High))
            ->because('Grass: ride the tops, hang, rip free; the bite comes as it breaks loose.');

        yield $blades('R4')->special()->when(cover(Cover::Wood, Cover::Rock, Cover::FloodedBrush))
            ->pick(Work::retrieve(RetrieveName::Knock, Run::Low), Work::pace(Pace::Slow))
            ->because('Wood and rock: slowly along the edge, and let it knock.');

        yield rule('R5')->with('B5')->for(LureKind::Spinnerbait)->special()
            ->when(chasing(), bass(Bass::Smallmouth, Bass::Spotted), visibility()->atLeast(feet(3)), not(cold()))
            ->pick(Work::retrieve(RetrieveName::Burn, Run::High), Work::pace(Pace::Fast))
            ->because('Active schooling fish in clear water: reel fast, just under the surface.');

        yield rule('R6')->with('B11')->for(LureKind::Spinnerbait)->deciding()->when(arm(Arm::Short), not(depth()->over(feet(15))))
            ->pick(Work::retrieve(RetrieveName::SlowRoll, Run::Low), Work::pace(Pace::Slow))
            ->because('Short arm: slow-roll it.');

        yield rule('R6.drop')->with('B11')->for(LureKind::Spinnerbait)->deciding()->when(arm(Arm::Short), depth()->over(feet(15)))
            ->pick(Work::retrieve(RetrieveName::Drop, Run::Low), Work::pace(Pace::Slow))
            ->because('Short arm in deep water: let it drop on a tight line.');

        yield rule('R8.roll')->for(LureKind::Spinnerbait)->when(cold())
            ->pick(Work::retrieve(RetrieveName::SlowRoll, Run::Low))
            ->because('Cold water: slow-roll it near the bottom.');
    }

    /** @return \Generator<int, Rule> */
    private static function pace(): \Generator
    {
        yield rule('house.pace')->fallback()
            ->pick(Work::pace(Pace::Medium))
            ->because('A medium pace (a default of this program).');

        yield rule('R8')->with('X14', 'L4', 'T6')->deciding()->when(cold())
            ->pick(Work::pace(Pace::Slow))
            ->because('Cold water, ‹55 °F› and below: slow.');

        yield rule('R2.pace')->for(LureKind::SwimJig)->when(settled(Slot::RetrieveName, RetrieveName::SwimLow))
            ->pick(Work::pace(Pace::Slow))
            ->because('Low over grass: slowly.');

        yield rule('R5.fall')->with('L4', 'O3')->for(LureKind::Spinnerbait, LureKind::BladedJig, LureKind::SwimJig)->special()
            ->when(season(Season::Fall), depth()->atMost(feet(5)))
            ->pick(Work::pace(Pace::Fast))
            ->because('Warm fall shallows: fast, the best spots only, then move on.');

        yield rule('W4.reaction')->for(LureKind::Spinnerbait, LureKind::BladedJig)->when(visibility()->over(feet(5)), chasing())
            ->pick(Work::pace(Pace::Fast))
            ->because('Very clear water: fast, so that fish do not get a long look.');
    }

    /** @return \Generator<int, Rule> */
    private static function run(): \Generator
    {
        foreach (Run::cases() as $run) {
            yield rule('house.run.'.$run->value)->ruling()->when(run($run))
                ->pick(Work::run($run))
                ->because('The running depth you chose.');
        }
    }
}
