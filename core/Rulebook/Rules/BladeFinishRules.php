<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Part\Blades;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\bass;
use function Kontrast\Rulebook\beforeTheSpawn;
use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\cloudy;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\dark;
use function Kontrast\Rulebook\darkSchool;
use function Kontrast\Rulebook\dirty;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\gloomy;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\muddy;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\seen;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\stained;
use function Kontrast\Rulebook\stainedByAnything;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\tint;
use function Kontrast\Rulebook\toughAndCalm;
use function Kontrast\Rulebook\turnedCrawfish;
use function Kontrast\Rulebook\veryClear;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** What covers the blade: which metal, or paint. Question D2 is settled here. */
final class BladeFinishRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::byWater();
        yield from self::bySun();
        yield from self::twoBladeHabit();
        yield from self::byForage();
        yield from self::darkness();
        yield from self::hotPaint();
        yield from self::deciding();
        yield from self::front();
    }

    /** @return \Generator<int, Rule> */
    private static function byWater(): \Generator
    {
        $water = static fn (string $id): Rule => rule($id)->school(FinishSchool::WaterThenSun, FinishSchool::Water);

        yield $water('B3.clear')->when(visibility()->over(feet(3)))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Clear water: silver is the usual metal.');

        yield $water('B3.stained')->when(visibility()->atMost(feet(3)))->with('W5')
            ->pick(Blades::finish(Finish::Gold))
            ->because('Stained water: gold shows farther than silver.');

        yield $water('B3.runoff')->with('W2')->when(tint(Tint::Clay), visibility()->atMost(feet(3)), beforeTheSpawn())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Early-season runoff: gold shows best here.');

        // In very clear water among shad wind changes the trailer instead (X10), in clear water too (P4); mud has facts of its own.
        yield $water('W7.wind')->special()->with('X10')
            ->when(
                wind(Wind::Chop),
                visibility()->atLeast(inches(6)),
                not(all(forage(Forage::Shad), visibility()->over(feet(3)))),
            )
            ->pick(Blades::finish(Finish::Gold))
            ->because('Wind on the water calls for gold.');

        yield $water('W7.tint')->with('W2')->when(stainedByAnything(), visibility()->between(feet(1), feet(3)))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Tinted water with one to three feet of visibility calls for gold.');

        yield $water('W7.tea')->special()->with('S12')->when(tint(Tint::Tannic, Tint::Clay), visibility()->between(feet(1), feet(3)))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Brown water with one to three feet of visibility: keep the skirt natural and add a gold blade.');
    }

    /** @return \Generator<int, Rule> */
    private static function bySun(): \Generator
    {
        // The sun school alone also has to answer for the water between, where the fact is silent: the same turn, at 18 inches.
        $both = static fn (string $id): Rule => rule($id)->school(FinishSchool::WaterThenSun, FinishSchool::Sun)->special();
        $sunOnly = static fn (string $id): Rule => rule($id)->school(FinishSchool::Sun);

        yield $both('B4.mud.sun')->with('X13', 'W4')->when(muddy(), sunny())
            ->pick(Blades::finish(Finish::Gold), Blades::frontFinish(Finish::Silver))
            ->because('Sun on muddy water: bare metal, because only a flash gets through. One gold and one silver blade cover both.');

        yield $both('B4.mud.cloud')->when(muddy(), cloudy(), not(forage(Forage::Crawfish)))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Muddy water without sun: metal has nothing to reflect, but paint still shows.');

        yield $both('B4.mud.cloud.craw')->when(muddy(), cloudy(), forage(Forage::Crawfish))
            ->pick(Blades::finish(Finish::PaintedOrange))
            ->because('Muddy water without sun: metal has nothing to reflect, but crawfish-colored paint still shows.');

        yield $both('B4.clear.sun.baitfish')->when(veryClear(), sunny(), forage(Forage::Shad, Forage::Crappie))
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('Sun in very clear water: metal flashes too much, and white paint looks like the side of a baitfish.');

        yield $both('B4.clear.sun')->with('W5')->when(veryClear(), sunny(), not(forage(Forage::Shad, Forage::Crappie)))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Sun in very clear water: metal flashes too much, and a dark painted blade wobbles without the glare.');

        yield rule('B4.clear.cloud')->school(FinishSchool::WaterThenSun, FinishSchool::Sun)->when(veryClear(), cloudy())
            ->pick(Blades::finish(Finish::Silver))
            ->because('Clouds over very clear water: bare metal is not too bright.');

        yield $sunOnly('B4.sun.dirty.sun')->when(visibility()->between(inches(6), inches(18)), sunny())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Sun on dirty water: bare metal still shines.');

        yield $sunOnly('B4.sun.dirty.cloud')->when(visibility()->between(inches(6), inches(18)), cloudy())
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('No sun on dirty water: paint shows, metal does not.');

        yield $sunOnly('B4.sun.clear.sun')->when(visibility()->between(feet(1.5), feet(5)), sunny())
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('Sun and good visibility: paint, because metal flashes too much.');

        yield $sunOnly('B4.sun.clear.cloud')->when(visibility()->between(feet(1.5), feet(5)), cloudy())
            ->pick(Blades::finish(Finish::Silver))
            ->because('Clouds and good visibility: metal has just enough shine.');
    }

    /** @return \Generator<int, Rule> */
    private static function twoBladeHabit(): \Generator
    {
        $habit = static fn (string $id): Rule => rule($id)->school(FinishSchool::TwoBlade);

        yield $habit('B7.natural')->when(not(forage(Forage::Shad)))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('You carry two blades: use the dull, matching one unless tint or wind calls for gold.');

        yield $habit('B7.natural.shad')->when(forage(Forage::Shad))
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('You carry two blades: use the one painted to match unless tint or wind calls for gold.');

        yield $habit('B7.gold.tint')->special()->when(stainedByAnything(), stained())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Tinted water with one and a half to three feet of visibility: use the gold one of your two blades.');

        yield $habit('B7.gold.wind')->special()->when(wind(Wind::Chop), not(all(forage(Forage::Shad), veryClear())))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Wind on the water: use the gold one of your two blades.');
    }

    /** @return \Generator<int, Rule> */
    private static function byForage(): \Generator
    {
        $metal = static fn (string $id): Rule => rule($id)->school(FinishSchool::WaterThenSun, FinishSchool::Water);

        yield $metal('F2.blade')->when(forage(Forage::Shad), visibility()->atLeast(feet(1.5)))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Shad flash silver.');

        yield $metal('F3.blade')->when(forage(Forage::Bluegill))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Sunfish look golden in the water, so the blade is gold.');

        yield $metal('F6.shiner')->special()->when(forage(Forage::GoldenShiner), visibility()->between(inches(6), feet(5)))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Golden shiners flash gold.');

        yield $metal('F6.perch.blade')->when(forage(Forage::Perch))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Perch have yellow sides: gold flashes closest.');

        $moderate = static fn (string $id, Forage $forage): Rule => $metal($id)->special()
            ->when(forage($forage), stained(), tint(Tint::None, Tint::Green), not(wind(Wind::Chop)));

        yield $moderate('B9.crawfish', Forage::Crawfish)
            ->pick(Blades::finish(Finish::Copper))
            ->because('Moderate stain and crawfish: copper has their color and shines less than gold.');

        yield $moderate('B9.bluegill', Forage::Bluegill)->when(wind(Wind::Calm))
            ->pick(Blades::finish(Finish::Copper))
            ->because('Moderate stain, sunfish and no wind: copper is the quieter shine.');

        yield rule('B12')->for(LureKind::BladedJig)->when(
            forage(Forage::Bluegill, Forage::Crawfish),
            dirty(),
            wind(Wind::Calm, Wind::Ripple),
        )
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Sunfish or crawfish water turning dirty: a blade painted green pumpkin keeps the profile bold and dark.');

        yield rule('B12.cloud')->for(LureKind::BladedJig)->special()
            ->when(
                forage(Forage::Bluegill, Forage::Crawfish),
                any(all(dirty(), cloudy()), all(sky(Sky::Rain), visibility()->between(inches(6), feet(5)))),
                not(tint(Tint::Tannic)),
                wind(Wind::Calm, Wind::Ripple),
            )
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Dark clouds over sunfish or crawfish: a blade painted green pumpkin keeps the profile bold and dark.');
    }

    /** @return \Generator<int, Rule> */
    private static function darkness(): \Generator
    {
        yield rule('B6')->deciding()->with('S12')->when(dark())
            ->pick(Blades::finish(Finish::Black))
            ->because('Night or a dark storm: a black blade and a black skirt make one clear outline.');

        $opaque = static fn (string $id): Rule => rule($id)->special()->with('X13')
            ->when(
                any(all(tint(Tint::Clay), muddy()), all(tint(Tint::Tannic), visibility()->under(feet(1)))),
                cloudy(),
                not(forage(Forage::Shad)),
            );

        yield $opaque('B6.opaque')->when(darkSchool())
            ->pick(Blades::finish(Finish::Black))
            ->because('Opaque brown water under clouds: nothing shines, so a black blade and a dark skirt make the outline.');

        yield $opaque('B12.opaque')->when(not(darkSchool()))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Opaque brown water under clouds: nothing shines, so the blade is painted dark.');

        yield rule('B8')->special()->school(FinishSchool::WaterThenSun, FinishSchool::Water)->with('X10')
            ->when(veryClear(), forage(Forage::Shad), tint(Tint::None))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Very clear, colorless water with shad calls for silver.');

        yield rule('B8.marker')->special()->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(visibility()->over(feet(8)), not(forage(Forage::Shad)), sunny())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Extremely clear water: a gold blade darkened with a black permanent marker spins without glare.');

        yield rule('B8.darkened')->special()->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(settled(Slot::Finish, Finish::Gold), visibility()->over(feet(8)), not(forage(Forage::Shad)), sunny())
            ->pick(Blades::darkened())
            ->because('Extremely clear water: black permanent marker takes the glare off gold.');

        yield rule('P7.blade')->school(FinishSchool::WaterThenSun, FinishSchool::Water)->special()
            ->when(cover(Cover::Dock), cloudy())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Low light under docks: gold catches what light there is.');
    }

    /** @return \Generator<int, Rule> */
    private static function hotPaint(): \Generator
    {
        yield rule('house.red_blade')->for(LureKind::Spinnerbait)->school(RedSpringSchool::WhereTheyTurn)->special()
            ->when(turnedCrawfish(), visibility()->atMost(feet(1.5)), gloomy(), not(dark()))
            ->pick(Blades::finish(Finish::PaintedRed))
            ->because('Red crawfish in dirty water without sun: paint the blade their red.');

        yield rule('house.dirty_paint')->when(
            visibility()->between(inches(6), feet(1.5)),
            sky(Sky::Rain, Sky::Overcast),
            forage(Forage::Shad),
            bite(Bite::Active),
        )
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Dirty water without sun and active fish: bright paint is worth a try.');

        yield rule('B5.clear')->special()
            ->when(visibility()->atLeast(feet(3)), bite(Bite::Active), bass(Bass::Smallmouth, Bass::Spotted))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Aggressive smallmouth or spotted bass in clear water chase a bright painted blade.');

        yield rule('B5.pink')->with('K3', 'F7')->deciding()
            ->when(
                seen(Colour::Pink),
                visibility()->atLeast(feet(3)),
                bite(Bite::Active),
                bass(Bass::Smallmouth, Bass::Spotted),
                not(turnedCrawfish()),
                not(dark()),
            )
            ->pick(Blades::finish(Finish::PaintedPink))
            ->because('You saw pink, and the fish are aggressive in clear water: a hot pink blade.');
    }

    /** @return \Generator<int, Rule> */
    private static function deciding(): \Generator
    {
        yield rule('X2.blade')->with('W6', 'B7')->deciding()->when(toughAndCalm(), not(dark()))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->notPick(...array_map(
                static fn (Finish $finish): Blades => Blades::finish($finish),
                array_values(array_filter(Finish::cases(), static fn (Finish $finish): bool => $finish->isBright())),
            ))
            ->because('A tough bite without wind: a dull blade painted dark, nothing that shines.');

        yield rule('B13')->with('X3')->for(LureKind::BladedJig)->school(RedSpringSchool::WhereTheyTurn)->deciding()
            ->when(turnedCrawfish(), not(dark()), not(toughAndCalm()))
            ->pick(Blades::finish(Finish::PaintedOrange))
            ->because('Crawfish that have turned red: a bright orange blade, clear water or mud.');

        yield rule('X10.paint')->with('B5', 'B4')->deciding()
            ->when(
                veryClear()->sharp(),
                sky(Sky::Sun, Sky::Broken),
                bite(Bite::Active),
                bass(Bass::Smallmouth, Bass::Spotted),
            )
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Sun, very clear water and active schooling fish: bright paint reeled fast beats silver.');

        yield rule('X10.silver')->with('B8')->school(FinishSchool::WaterThenSun, FinishSchool::Water)->special()
            ->when(veryClear(), forage(Forage::Shad), sunny())
            ->pick(Blades::finish(Finish::Silver))
            ->because('Shad in very clear water: silver, with or without sun; wind changes the trailer, not the blade.');
    }

    /** @return \Generator<int, Rule> */
    private static function front(): \Generator
    {
        foreach (Finish::cases() as $finish) {
            yield rule('house.front.'.$finish->value)->for(LureKind::Spinnerbait)->fallback()
                ->when(settled(Slot::Finish, $finish))
                ->pick(Blades::frontFinish($finish))
                ->because('Both blades in one finish (a default of this program).');
        }

        yield rule('B10.pair')->for(LureKind::Spinnerbait)->special()
            ->when(
                settled(Slot::Finish, Finish::Gold),
                visibility()->between(feet(1.5), feet(2)),
                forage(Forage::Bluegill, Forage::Perch, Forage::Crappie),
            )
            ->pick(Blades::frontFinish(Finish::Silver))
            ->because('Gold Indiana behind, silver Colorado in front: the other standard pair.');
    }
}
