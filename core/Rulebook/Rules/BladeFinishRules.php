<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Part\Blades;
use Kontrast\Rulebook\Part\Whole;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\bass;
use function Kontrast\Rulebook\beforeTheSpawn;
use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\chasing;
use function Kontrast\Rulebook\cloudy;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\dark;
use function Kontrast\Rulebook\darkSchool;
use function Kontrast\Rulebook\dirty;
use function Kontrast\Rulebook\dirtyBase;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\followedRed;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\gloomy;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\muddy;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\opaqueBrown;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\schooling;
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
    private const BY_WATER = [FinishSchool::WaterThenSun, FinishSchool::Water, FinishSchool::HotMud];
    private const BY_SUN = [FinishSchool::WaterThenSun, FinishSchool::Sun, FinishSchool::HotMud];
    /** The sun on mud; who fishes hot paint there asks for no sun. */
    private const BY_SUN_ON_MUD = [FinishSchool::WaterThenSun, FinishSchool::Sun];
    /** What silver stands for (B14). */
    private const SILVERY = [Forage::Shad, Forage::Crappie, Forage::Unknown];
    private const GOLDEN = [Forage::Bluegill, Forage::Crawfish, Forage::Perch];

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
        $water = static fn (string $id): Rule => rule($id)->school(...self::BY_WATER);

        yield $water('B3.clear')->with('B14')->when(visibility()->over(feet(3)), forage(...self::SILVERY))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Clear water and silvery forage: silver is the usual metal.');

        yield $water('B14')->when(visibility()->over(feet(3)), forage(...self::GOLDEN))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Sunfish, perch and crawfish have no silver in them: gold, in clear water too.');

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
            ->because('Tinted water with ‹1 to 3 ft|one to three feet› of visibility calls for gold.');

        yield $water('W7.tea')->special()->with('S12')->when(tint(Tint::Tannic, Tint::Clay), visibility()->between(feet(1), feet(3)))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Brown water with ‹1 to 3 ft|one to three feet› of visibility: a gold blade adds the flash.');
    }

    /** @return \Generator<int, Rule> */
    private static function bySun(): \Generator
    {
        // The sun school alone also has to answer for the water between, where the fact is silent: the same turn, at 18 inches.
        $both = static fn (string $id): Rule => rule($id)->school(...self::BY_SUN)->special();
        $sunOnly = static fn (string $id): Rule => rule($id)->school(FinishSchool::Sun);

        yield rule('B4.mud.sun')->school(...self::BY_SUN_ON_MUD)->special()->with('X13', 'W4')->when(muddy(), sunny())
            ->pick(Blades::finish(Finish::Gold), Blades::frontFinish(Finish::Silver))
            ->because('Sun on muddy water: bare metal, because only a flash gets through. One gold and one silver blade cover both.');

        $onMud = static fn (string $id): Rule => rule($id)->school(...self::BY_SUN_ON_MUD)->special();

        yield $onMud('B4.mud.cloud')->with('X13', 'M4')
            ->when(muddy(), cloudy(), any(forage(Forage::Shad), dirtyBase(DirtySchool::Bright)), not(forage(Forage::Crawfish)))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Muddy water without sun: metal has nothing to reflect, but paint still shows.');

        yield $onMud('B4.mud.cloud.craw')->with('M4')
            ->when(muddy(), cloudy(), forage(Forage::Crawfish), dirtyBase(DirtySchool::Bright), not(turnedCrawfish()))
            ->pick(Blades::finish(Finish::PaintedOrange))
            ->because('Muddy water without sun: metal has nothing to reflect, but crawfish-colored paint still shows.');

        yield $both('B4.clear.sun.baitfish')->when(veryClear(), sunny(), forage(Forage::Shad, Forage::Crappie))
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('Sun in very clear water: metal flashes too much, and white paint looks like the side of a baitfish.');

        yield $both('B4.clear.sun')->with('W5')->when(veryClear(), sunny(), not(forage(Forage::Shad, Forage::Crappie)))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Sun in very clear water: metal flashes too much, and a dark painted blade wobbles without the glare.');

        yield rule('B4.clear.cloud')->with('B14')->school(...self::BY_SUN)->when(veryClear(), cloudy(), not(forage(...self::GOLDEN)))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Clouds over very clear water: bare metal is not too bright.');

        yield $sunOnly('B4.sun.dirty.sun')->when(visibility()->between(inches(6), inches(18)), sunny())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Sun on dirty water: bare metal still shines.');

        yield rule('B4.clear.cloud.gold')->with('B14')->school(...self::BY_SUN)->when(veryClear(), cloudy(), forage(...self::GOLDEN))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Clouds over very clear water: bare metal is not too bright, and gold is in their forage.');

        yield $sunOnly('B4.sun.dirty.cloud')
            ->when(visibility()->between(inches(6), inches(18)), cloudy(), any(forage(Forage::Shad), dirtyBase(DirtySchool::Bright)))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('No sun on dirty water: paint shows, metal does not.');

        $pale = static fn (): Condition => forage(Forage::Shad, Forage::Crappie, Forage::GoldenShiner);

        yield $sunOnly('B4.sun.clear.sun')->when(visibility()->between(feet(1.5), feet(5)), sunny(), $pale())
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('Sun and good visibility: white paint, because metal flashes too much.');

        yield $sunOnly('B4.sun.clear.sun.natural')->when(visibility()->between(feet(1.5), feet(5)), sunny(), not($pale()))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Sun and good visibility: dark paint, because metal flashes too much.');

        yield $sunOnly('B4.sun.clear.cloud')->when(visibility()->between(feet(1.5), feet(5)), cloudy(), not(forage(...self::GOLDEN)))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Clouds and good visibility: metal has just enough shine.');

        yield $sunOnly('B4.sun.clear.cloud.gold')->with('B14')
            ->when(visibility()->between(feet(1.5), feet(5)), cloudy(), forage(...self::GOLDEN))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Clouds and good visibility: metal has just enough shine, and gold is in their forage.');
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
            ->because('Tinted water with ‹1.5 to 3 ft|one and a half to three feet› of visibility: use the gold one of your two blades.');

        yield $habit('B7.gold.wind')->special()->when(wind(Wind::Chop), not(all(forage(Forage::Shad), veryClear())))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Wind on the water: use the gold one of your two blades.');
    }

    /** @return \Generator<int, Rule> */
    private static function byForage(): \Generator
    {
        $metal = static fn (string $id): Rule => rule($id)->school(...self::BY_WATER);

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

        yield rule('B9')->for(LureKind::BladedJig)->school(...self::BY_WATER)->fallback()
            ->when(forage(Forage::Crawfish, Forage::Bluegill), stained())
            ->pick(Blades::finish(Finish::Copper))
            ->because('Moderate stain, sunfish or crawfish: copper is the quieter shine behind gold.');

        yield rule('B12')->with('M5')->for(LureKind::BladedJig)->when(
            forage(Forage::Bluegill, Forage::Crawfish),
            dirty(),
            wind(Wind::Calm, Wind::Ripple),
            not(darkSchool()),
        )
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Sunfish or crawfish water turning dirty: a blade painted green pumpkin keeps the profile bold and dark.');

        yield rule('B12.cloud')->with('M5')->for(LureKind::BladedJig)->special()
            ->when(
                forage(Forage::Bluegill, Forage::Crawfish),
                any(all(dirty(), cloudy(), not(darkSchool())), all(sky(Sky::Rain), visibility()->between(feet(1.5), feet(5)))),
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
            ->when(any(opaqueBrown(), muddy()), cloudy(), not(forage(Forage::Shad)), not(followedRed()));

        yield $opaque('B6.opaque')->when(darkSchool())
            ->pick(Blades::finish(Finish::Black))
            ->because('Mud or opaque brown water under clouds: nothing shines, so a black blade and a dark skirt make the outline.');

        yield $opaque('B12.opaque')->when(dirtyBase(DirtySchool::Natural))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Mud or opaque brown water under clouds: nothing shines, so the blade is painted like its skirt.');

        yield rule('B8')->special()->school(...self::BY_WATER)->with('X10')
            ->when(veryClear(), forage(Forage::Shad), tint(Tint::None))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Very clear, colorless water with shad calls for silver.');

        yield rule('B8.marker')->special()->school(...self::BY_WATER)
            ->when(visibility()->over(feet(8)), not(forage(Forage::Shad)), not(chasing()))
            ->pick(Whole::set(LureSet::Dull), Blades::only(Finish::Gold))
            ->because('Extremely clear water: a gold blade darkened with a black permanent marker spins without glare.');

        yield rule('B8.darkened')->special()->with('M1')
            ->when(settled(Slot::Finish, Finish::Gold), settled(Slot::Set, LureSet::Dull))
            ->pick(Blades::darkened())
            ->because('Nothing may shine: black permanent marker takes the glare off gold.');

        yield rule('P7.blade')->school(...self::BY_WATER)->special()
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
            ->when(visibility()->atLeast(feet(3)), chasing(), bass(Bass::Smallmouth, Bass::Spotted))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Aggressive smallmouth or spotted bass in clear water chase a bright painted blade.');

        yield rule('B5.schooling')->with('M4')->fallback()
            ->when(visibility()->atLeast(feet(3)), schooling(), bass(Bass::Largemouth))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Schooling largemouth in clear water: a hot blade comes next.');

        yield rule('B5.mud')->school(FinishSchool::HotMud)->special()->when(muddy(), not(turnedCrawfish()), not(dark()))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Mud: you fish a hot painted blade there, whatever the sky.');

        yield rule('B6.low_sun')->for(LureKind::Spinnerbait)
            ->when(sky(Sky::LowSun), not(forage(Forage::Shad)))
            ->pick(Blades::only(Finish::Black))
            ->because('Dawn and dusk: a black blade makes an outline against what light there is.');

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
        $dull = static fn (string $id): Rule => rule($id)->with('W6', 'B7')->deciding()->when(toughAndCalm(), not(dark()))
            ->notPick(...array_map(
                static fn (Finish $finish): Blades => Blades::only($finish),
                array_values(array_filter(Finish::cases(), static fn (Finish $finish): bool => $finish->isBright())),
            ));

        yield $dull('X2.blade')->with('M1')->when(not(forage(Forage::Shad, Forage::Crappie)))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('A tough bite without wind: a dull blade painted dark, nothing that shines.');

        yield $dull('X2.blade.pale')->with('M1')->when(forage(Forage::Shad, Forage::Crappie))
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('A tough bite without wind: a blade painted white like the skirt, nothing that shines.');

        yield rule('B13')->with('X3', 'M6')->for(LureKind::BladedJig)->school(RedSpringSchool::WhereTheyTurn)->deciding()
            ->when(turnedCrawfish(), not(dark()), not(toughAndCalm()))
            ->pick(Blades::finish(Finish::PaintedOrange))
            ->because('Crawfish that have turned red: a bright orange blade, clear water or mud.');

        yield rule('X10.paint')->with('B5', 'B4')->deciding()
            ->when(
                veryClear()->sharp(),
                sky(Sky::Sun, Sky::Broken),
                chasing(),
                bass(Bass::Smallmouth, Bass::Spotted),
            )
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Sun, very clear water and active schooling fish: bright paint reeled fast beats silver.');

        yield rule('X10.silver')->with('B8')->school(...self::BY_WATER)->special()
            ->when(veryClear(), forage(Forage::Shad), sunny())
            ->pick(Blades::finish(Finish::Silver))
            ->because('Shad in very clear water: silver, with or without sun; wind changes the trailer, not the blade.');
    }

    /** @return \Generator<int, Rule> */
    private static function front(): \Generator
    {
        // Copper is a bladed jig's (B9).
        foreach (array_filter(Finish::cases(), static fn (Finish $finish): bool => Finish::Copper !== $finish) as $finish) {
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
