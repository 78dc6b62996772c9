<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\LureSet;
use Kontrast\Lure\Pairing;
use Kontrast\Reading\Bass;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Part\Blades;
use Kontrast\Rulebook\Part\Skirt;
use Kontrast\Rulebook\Part\Trailer;
use Kontrast\Rulebook\Part\Whole;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\bass;
use function Kontrast\Rulebook\brightBase;
use function Kontrast\Rulebook\chasing;
use function Kontrast\Rulebook\dark;
use function Kontrast\Rulebook\darkSchool;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\followedRed;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\toughAndCalm;
use function Kontrast\Rulebook\turnedCrawfish;
use function Kontrast\Rulebook\veryClear;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** Blade, skirt and trailer as one (section M). The rules of the finish speak for the set they make as well. */
final class SetRules
{
    private const BLADED = [LureKind::Spinnerbait, LureKind::BladedJig];

    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::sets();
        yield from self::parts();
    }

    /** @return \Generator<int, Rule> */
    private static function sets(): \Generator
    {
        $set = static fn (string $id, LureSet $set): Rule => rule($id)->for(...self::BLADED)->pick(Whole::set($set));

        yield $set('M3', LureSet::Flash)->fallback()
            ->because('An everyday water: natural colors, and the blade is the only thing that shines.');

        yield $set('M1.look', LureSet::Dull)->with('B4')->school(FinishSchool::WaterThenSun, FinishSchool::Sun, FinishSchool::HotMud)
            ->when(veryClear(), sunny(), not(forage(Forage::Shad)), not(chasing()))
            ->because('Sun in very clear water: fish look closely, so nothing shines.');

        yield $set('M1.habit', LureSet::Dull)->with('B7')->school(FinishSchool::TwoBlade)->when(wind(Wind::Calm), sunny())
            ->because('Calm and bright: the dull one of your two blades, with a skirt of its color.');

        yield $set('M2.dark', LureSet::Dark)->with('B6')->deciding()->when(dark())
            ->because('Too dark for color: blade, skirt and trailer make one dark outline.');

        yield $set('M2.dim', LureSet::Dark)->special()->with('D3')
            ->when(
                visibility()->under(feet(1.5))->sharp(),
                sky(Sky::LowSun, Sky::Rain),
                darkSchool(),
                not(forage(Forage::Shad)),
                not(followedRed()),
                not(dark()),
            )
            ->because('Dirty and dim: blade, skirt and trailer make one dark outline.');

        yield $set('M4', LureSet::Bright)->with('D3', 'S9')
            ->school(FinishSchool::WaterThenSun, FinishSchool::Water, FinishSchool::Sun, FinishSchool::HotMud)
            ->when(brightBase(), not(toughAndCalm()))
            ->because('Dirty water: a bright skirt, and a blade that shines or is painted hot.');

        yield $set('M4.schooling', LureSet::Bright)->with('B5', 'X10')
            ->when(visibility()->atLeast(feet(3)), chasing(), bass(Bass::Smallmouth, Bass::Spotted), not(toughAndCalm()))
            ->because('Schooling fish in clear water: a hot blade over the skirt that the water asks for.');

        yield rule('M6')->with('B13', 'X3')->for(LureKind::BladedJig)->school(RedSpringSchool::WhereTheyTurn)->deciding()
            ->when(turnedCrawfish(), not(toughAndCalm()), not(dark()))
            ->pick(Whole::set(LureSet::Bright))
            ->because('Crawfish that have turned red: a hot blade goes with a natural skirt, now and only now.');
    }

    /** @return \Generator<int, Rule> what a set asks of its parts where nothing else was said */
    private static function parts(): \Generator
    {
        $blade = static fn (string $id, LureSet $set, Finish $finish): Rule => rule($id)->fallback()->for(...self::BLADED)
            ->when(settled(Slot::Set, $set))
            ->pick(Blades::only($finish));

        yield $blade('M1.blade', LureSet::Dull, Finish::GreenPumpkin)
            ->because('Nothing shines: the blade is painted like the skirt.');

        yield $blade('M2.blade', LureSet::Dark, Finish::Black)
            ->because('One dark outline: the blade is black.');

        yield $blade('M3.blade', LureSet::Flash, Finish::Gold)->with('M5')
            ->because('The one thing that shines: gold goes with every skirt.');

        yield $blade('M4.blade', LureSet::Bright, Finish::Gold)->with('M5')
            ->because('A bright set: gold goes with every skirt.');

        yield rule('M2.skirt')->for(...self::BLADED)->special()->when(settled(Slot::Set, LureSet::Dark))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('One dark outline: a black and blue skirt.');

        yield rule('M5')->for(...self::BLADED)->fallback()->when(settled(Slot::Finish, Finish::GreenPumpkin))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('A green pumpkin blade goes with a green pumpkin skirt.');

        yield rule('M1.plain')->for(...self::BLADED)->special()->when(settled(Slot::Set, LureSet::Dull))
            ->notPick(...array_map(static fn (Colour $loud): Skirt => Skirt::any()->accent($loud), Colour::loud()))
            ->because('Nothing stands out: the skirt is plain.');

        yield rule('M1.pairing')->for(...self::BLADED)->school(PairingSchool::Ladder)->special()
            ->when(settled(Slot::Set, LureSet::Dull), visibility()->atLeast(inches(6))->sharp())
            ->pick(Whole::pairing(Pairing::Match))
            ->because('Nothing stands out: the trailer is like the skirt.');

        yield rule('M2.trailer')->for(...self::BLADED)->deciding()
            ->when(settled(Slot::Set, LureSet::Dark), settled(Slot::SkirtBase, Colour::Black), not(settled(Slot::Pairing, Pairing::Match)))
            ->pick(Trailer::of(Colour::Blue))
            ->because('One dark outline: the trailer is dark too.');
    }
}
