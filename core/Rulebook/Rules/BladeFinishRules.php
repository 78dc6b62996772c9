<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Finish;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Condition\Flag;
use Kontrast\Rulebook\Part\Blades;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\bass;
use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\gloomy;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\redCrawfish;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\stainedByAnything;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\tint;
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
        yield from self::special();
    }

    /** @return \Generator<int, Rule> */
    private static function byWater(): \Generator
    {
        yield rule('B3.clear')->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(visibility()->over(feet(3)))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Silver belongs to clear water.');

        yield rule('B3.stained')->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(visibility()->under(feet(3)))
            ->pick(Blades::finish(Finish::Gold))
            ->with('W5')
            ->because('Gold carries further once the water has lost its clarity.');

        yield rule('B3.runoff')->with('W2')->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(tint(Tint::Clay), visibility()->under(feet(3)), season(Season::LateWinter, Season::EarlySpring))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Early-season run-off is where gold shows best of all.');

        yield rule('W7')->with('W2')->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(wind(Wind::Chop), stainedByAnything())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Chop on coloured water asks for gold.');
    }

    /** @return \Generator<int, Rule> */
    private static function bySun(): \Generator
    {
        $opaque = inches(6);
        // The sun school alone also has to answer for the water between, where the fact is silent: the same turn, at 18 inches.
        $both = static fn (string $id): Rule => rule($id)->school(FinishSchool::WaterThenSun, FinishSchool::Sun)->special();
        $sunOnly = static fn (string $id): Rule => rule($id)->school(FinishSchool::Sun);

        yield $both('B4.mud.sun')->when(visibility()->under($opaque), sunny())
            ->pick(Blades::finish(Finish::Gold), Blades::frontFinish(Finish::Silver))
            ->because('Mud with sun on it: bare metal, since only a flash gets through. One of each metal covers both bets.');

        yield $both('B4.mud.cloud')->when(visibility()->under($opaque), self::cloud(), not(forage(Forage::Crawfish)))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Mud without sun gives metal nothing to throw back: paint shows, shine does not.');

        yield $both('B4.mud.cloud.craw')->when(visibility()->under($opaque), self::cloud(), forage(Forage::Crawfish))
            ->pick(Blades::finish(Finish::PaintedOrange))
            ->because('Mud without sun gives metal nothing to throw back: hot paint in a crawfish colour shows.');

        yield $both('B4.clear.sun.baitfish')->when(visibility()->over(feet(5)), sunny(), forage(Forage::Shad, Forage::Crappie))
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('Sun in very clear water makes metal flash too hard; white paint shows a fish’s flank without the glare.');

        yield $both('B4.clear.sun')->with('W5')->when(visibility()->over(feet(5)), sunny(), not(forage(Forage::Shad, Forage::Crappie)))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Sun in very clear water makes metal flash too hard; a painted dark green blade keeps its wobble and '
                .'loses its glare.');

        yield rule('B4.clear.cloud')->school(
            FinishSchool::WaterThenSun,
            FinishSchool::Sun,
        )->when(visibility()->over(feet(5)), self::cloud())
            ->pick(Blades::finish(Finish::Silver))
            ->because('Under cloud very clear water can take bare metal.');

        yield $sunOnly('B4.sun.dirty.sun')->when(visibility()->between($opaque, feet(1.5)), sunny())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Sun on dirty water: shine still pays.');

        yield $sunOnly('B4.sun.dirty.cloud')->when(visibility()->between($opaque, feet(1.5)), self::cloud())
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('No sun, no shine: paint in dirty water.');

        yield $sunOnly('B4.sun.clear.sun')->when(visibility()->between(feet(1.5), feet(5)), sunny())
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('Sun and fair sight: paint, since metal would flash too much.');

        yield $sunOnly('B4.sun.clear.cloud')->when(visibility()->between(feet(1.5), feet(5)), self::cloud())
            ->pick(Blades::finish(Finish::Silver))
            ->because('Cloud and fair sight: metal has just enough shine.');
    }

    /** @return \Generator<int, Rule> */
    private static function twoBladeHabit(): \Generator
    {
        $habit = static fn (string $id): Rule => rule($id)->school(FinishSchool::TwoBlade);

        yield $habit('B7.natural')->when(not(forage(Forage::Shad)))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Of your two blades the dull, matching one, unless tint or wind calls for gold.');

        yield $habit('B7.natural.shad')->when(forage(Forage::Shad))
            ->pick(Blades::finish(Finish::PaintedWhite))
            ->because('Of your two blades the one painted to match, unless tint or wind calls for gold.');

        yield $habit('B7.gold.tint')->special()->when(stainedByAnything(), visibility()->under(feet(3)))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Tint and a foot or two of sight: out comes the gold blade.');

        yield $habit('B7.gold.wind')->special()->when(wind(Wind::Chop))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Wind on the water: out comes the gold blade.');

        yield $habit('B7.calm')->special()->when(wind(Wind::Calm), sunny(), bite(Bite::Tough))
            ->pick(Blades::finish(Finish::GreenPumpkin))
            ->because('Calm, bright and slow: the dull blade.');
    }

    /** @return \Generator<int, Rule> */
    private static function byForage(): \Generator
    {
        $metal = [FinishSchool::WaterThenSun, FinishSchool::Water];

        yield rule('F2.blade')->school(...$metal)->when(forage(Forage::Shad), visibility()->over(feet(1.5)))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Shad flash silver.');

        yield rule('F3.blade')->school(...$metal)->when(forage(Forage::Bluegill))
            ->pick(Blades::finish(Finish::Gold))
            ->because('Sunfish throw a golden light.');

        yield rule('F6.shiner')->school(...$metal)->special()->when(forage(Forage::GoldenShiner), visibility()->between(inches(6), feet(5)))
            ->pick(Blades::finish(Finish::Gold))
            ->because('A golden shiner flashes gold, whatever the water.');

        yield rule('F6.perch.blade')->school(...$metal)->when(forage(Forage::Perch))
            ->pick(Blades::finish(Finish::Gold))
            ->because('A perch’s yellow flank flashes warm.');

        yield rule('B9.crawfish')->school(...$metal)->special()->when(forage(Forage::Crawfish), visibility()->between(feet(1.5), feet(3)))
            ->pick(Blades::finish(Finish::Copper))
            ->because('Moderate stain and crawfish: copper has their colour and a softer shine than gold.');

        yield rule('B9.bluegill')->school(...$metal)->special()->when(
            forage(Forage::Bluegill),
            visibility()->between(feet(1.5), feet(3)),
            wind(Wind::Calm),
        )
            ->pick(Blades::finish(Finish::Copper))
            ->because('Moderate stain, sunfish and no wind that would ask for gold: copper is the quieter shine.');
    }

    /** @return \Generator<int, Rule> */
    private static function special(): \Generator
    {
        yield rule('B6')->special()->with('S12')
            ->when(sky(Sky::Night, Sky::Storm))
            ->pick(Blades::finish(Finish::Black))
            ->because('Under a night or storm sky a black blade over a black skirt makes one hard outline.');

        yield rule('B6.opaque')->school(FinishSchool::WaterThenSun, FinishSchool::Water)->special()
            ->when(
                any(tint(Tint::Clay), tint(Tint::Tannic)),
                visibility()->under(inches(9)),
                gloomy(),
                not(forage(Forage::Shad)),
                self::darkBase(),
            )
            ->pick(Blades::finish(Finish::Black))
            ->because('Opaque brown or very dark tea under cloud: nothing shines, so thump and outline have to do it.');

        yield rule('B8')->special()->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(visibility()->over(feet(5)), tint(Tint::None), forage(Forage::Shad))
            ->pick(Blades::finish(Finish::Silver))
            ->because('Very clear, colourless water full of shad is silver’s own.');

        yield rule('B8.marker')->special()->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(visibility()->over(feet(8)), not(forage(Forage::Shad)), sunny())
            ->pick(Blades::finish(Finish::Gold))
            ->because('Water like gin: a gold blade dulled with a black permanent marker turns without glaring.');

        yield rule('B8.darkened')->special()->school(FinishSchool::WaterThenSun, FinishSchool::Water)
            ->when(settled(Slot::Finish, Finish::Gold), visibility()->over(feet(8)), not(forage(Forage::Shad)), sunny())
            ->pick(Blades::darkened())
            ->because('Black permanent marker over the gold, until it stops glaring.');

        yield rule('F5.blade')->with('B5')->school(RedSpringSchool::WhereTheyTurn)->special()
            ->when(
                redCrawfish(),
                forage(Forage::Crawfish),
                season(Season::LateWinter, Season::EarlySpring),
                surface()->between(50, 62),
                visibility()->under(feet(1.5)),
                gloomy(),
            )
            ->pick(Blades::finish(Finish::PaintedRed))
            ->because('Turned crawfish in dirty water without sun: paint in their own red.');

        yield rule('B5.dirty')->when(
            visibility()->between(inches(6), feet(1.5)),
            sky(Sky::Rain, Sky::Overcast),
            forage(Forage::Shad),
            bite(Bite::Active),
        )
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Hot paint is worth a try in dirty water without sun.');

        yield rule('B5.clear')->special()
            ->when(visibility()->over(feet(3)), bite(Bite::Active), bass(Bass::Smallmouth, Bass::Spotted))
            ->pick(Blades::finish(Finish::PaintedChartreuse))
            ->because('Aggressive fish of this kind come up through clear water for a hot painted blade wound fast.');

        yield rule('P7.blade')->for(LureKind::Spinnerbait, LureKind::BladedJig)->school(
            FinishSchool::WaterThenSun,
            FinishSchool::Water,
        )->special()
            ->when(cover(Cover::Dock), sky(Sky::LowSun, Sky::Overcast, Sky::Rain))
            ->pick(Blades::finish(Finish::Gold))
            ->because('In the half-dark under docks gold still catches what light there is.');

        foreach (Finish::cases() as $finish) {
            yield rule('house.front.'.$finish->value)->for(LureKind::Spinnerbait)->fallback()
                ->when(settled(Slot::Finish, $finish))
                ->pick(Blades::frontFinish($finish))
                ->because('Both blades in one finish.');
        }

        yield rule('B10.pair')->for(LureKind::Spinnerbait)->special()
            ->when(settled(Slot::Finish, Finish::Silver), visibility()->between(feet(1.5), feet(3)))
            ->pick(Blades::frontFinish(Finish::Gold))
            ->because('A gold blade in front of a silver one is the other standing pair.');
    }

    private static function darkBase(): Condition
    {
        return new Flag('schools.dirty:dark', static fn (Reading $reading): bool => DirtySchool::Dark === $reading->schools->dirty);
    }

    /** Dull, but not the night and storm that have a fact of their own (B6). */
    private static function cloud(): Condition
    {
        return sky(Sky::Overcast, Sky::Rain, Sky::LowSun);
    }
}
