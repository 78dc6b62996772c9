<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Finish;
use Kontrast\Lure\Profile;
use Kontrast\Reading\Colour;
use Kontrast\Reading\Cover;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Run;
use Kontrast\Reading\Season;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Part\Skirt;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\redCrawfish;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\run;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\seen;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\tint;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** The skirt's base colour and accents. Questions D3, D4 and D5 are settled here. */
final class SkirtColourRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::jig();
        yield from self::shad();
        yield from self::sunfishAndCrawfish();
        yield from self::otherForage();
        yield from self::dirtyWater();
        yield from self::redSpring();
        yield from self::asSeen();
    }

    /** @return \Generator<int, Rule> */
    private static function jig(): \Generator
    {
        $jig = static fn (string $id): Rule => rule($id)->for(LureKind::Jig);

        yield $jig('S1')->school(DirtySchool::Dark)
            ->when(visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Under a foot and a half of sight a jig in black and blue keeps its outline; six to fifteen inches is its '
                .'best water.');

        yield $jig('S1.rain')->special()
            ->when(sky(Sky::Rain), visibility()->between(feet(1.5), feet(3)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('With rain and cloud black and blue holds on up to about three feet of sight.');

        yield $jig('S2')->school(DirtySchool::Dark)->special()
            ->when(visibility()->between(inches(4), inches(12)), any(sky(Sky::Rain, Sky::Storm, Sky::Overcast), wind(Wind::Chop)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Chartreuse))
            ->notPick(Skirt::any()->accent(Colour::Blue))
            ->because('Dirty water under rain, cloud or wind: black with a thread of chartreuse, as an accent only.');

        yield $jig('S3')->special()
            ->when(visibility()->between(feet(3), feet(4)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Brown))
            ->because('Three to four feet of sight is plain brown water for a jig, docks above all.');

        yield $jig('S4')->special()
            ->when(visibility()->between(feet(2.5), feet(4)), surface()->between(50, 60), season(Season::EarlySpring, Season::Fall))
            ->pick(Skirt::of(Colour::Brown)->accent(Colour::Orange))
            ->because('Water in the fifties, early or late in the year: the orange lets brown go a little dirtier.');

        yield $jig('S5')
            ->when(season(Season::Fall), visibility()->between(feet(2.5), feet(4)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Brown)->accent(Colour::Blue, Colour::Orange))
            ->because('A fall jig wears blue and orange in its brown.');

        yield $jig('S6')->with('S4')->special()
            ->when(
                visibility()->between(feet(1.5), feet(3.5)),
                surface()->between(45, 55),
                cover(Cover::Rock),
                season(Season::LateWinter, Season::EarlySpring),
            )
            ->pick(Skirt::of(Colour::Brown)->accent(Colour::Orange))
            ->because('Cold rock before spring: brown and orange pass for crawfish, and the blue claw stands off.');

        yield $jig('S7')->special()
            ->when(visibility()->over(feet(5)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Past five feet of sight a jig is green pumpkin, all of it.');
    }

    /** @return \Generator<int, Rule> */
    private static function shad(): \Generator
    {
        yield rule('F2.skirt')->fallback()->when(forage(Forage::Shad))
            ->pick(Skirt::of(Colour::White))
            ->because('Shad are whitish with a grey back.');

        yield rule('S8.smoke')->with('W3')->school(ShadStartSchool::Clarity)
            ->when(forage(Forage::Shad), visibility()->over(feet(5)))
            ->pick(Skirt::of(Colour::Smoke)->accent(Colour::Pearl))
            ->because('In very clear water a smoke skirt that lets light through passes for a baitfish.');

        yield rule('S8.pearl')->school(ShadStartSchool::Clarity)
            ->when(forage(Forage::Shad), visibility()->between(feet(3), feet(5)))
            ->pick(Skirt::of(Colour::Pearl)->accent(Colour::Smoke))
            ->because('Clear water: pearl strands with a grey back among them.');

        yield rule('S8.solid')
            ->when(forage(Forage::Shad), visibility()->under(feet(3)))
            ->pick(Skirt::of(Colour::White))
            ->notPick(Skirt::of(Colour::Smoke))
            ->because('Fine baitfish patterns are lost in this water: solid white.');

        yield rule('S9')->for(LureKind::SwimJig)->special()
            ->when(forage(Forage::Shad), visibility()->between(inches(6), feet(1.5)))
            ->pick(Skirt::of(Colour::White)->accent(Colour::Chartreuse))
            ->because('Dirty-water shad: solid white, with chartreuse in it.');

        yield rule('S9.gold')->for(LureKind::Spinnerbait, LureKind::BladedJig)->special()
            ->when(forage(Forage::Shad), visibility()->under(feet(1.5)), settled(Slot::Finish, Finish::Gold, Finish::PaintedChartreuse))
            ->pick(Skirt::of(Colour::Chartreuse)->accent(Colour::White))
            ->because('Dirty-water shad: beside a gold blade chartreuse and white edges ahead of plain white.');

        yield rule('S9.plain')->for(LureKind::Spinnerbait, LureKind::BladedJig)->special()
            ->when(
                forage(Forage::Shad),
                visibility()->under(feet(1.5)),
                not(settled(Slot::Finish, Finish::Gold, Finish::PaintedChartreuse)),
            )
            ->pick(Skirt::of(Colour::White)->accent(Colour::Chartreuse))
            ->because('Dirty-water shad: solid white, with chartreuse in it.');

        yield rule('S13')->for(LureKind::Spinnerbait, LureKind::BladedJig, LureKind::SwimJig)
            ->school(ShadStartSchool::ChartreuseWhite)->special()
            ->when(forage(Forage::Shad), not(sky(Sky::Night)))
            ->pick(Skirt::of(Colour::Chartreuse)->accent(Colour::White))
            ->because('You start with chartreuse and white wherever there are shad.');

        yield rule('S22')->for(LureKind::Spinnerbait)->special()
            ->when(
                forage(Forage::Shad),
                season(Season::LateWinter, Season::EarlySpring),
                settled(Slot::Profile, Profile::Big),
                visibility()->over(inches(9)),
            )
            ->pick(Skirt::of(Colour::White)->accent(Colour::Chartreuse, Colour::Orange))
            ->because('Shad that the winter has weakened: white over a belly of chartreuse and orange.');
    }

    /** @return \Generator<int, Rule> */
    private static function sunfishAndCrawfish(): \Generator
    {
        $gone = static fn (): Condition => forage(Forage::Bluegill, Forage::Crawfish);

        yield rule('S10.clear')->when($gone(), visibility()->over(feet(3)))
            ->pick(Skirt::of(Colour::GreenPumpkin)->accent(Colour::Orange, Colour::Brown))
            ->because('Clear enough to show detail: green pumpkin with orange and brown among the strands.');

        yield rule('S10.mid')->when($gone(), visibility()->between(feet(1.5), feet(3)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('In stain the fine colours merge: plain green pumpkin.');

        yield rule('S10.dirty')->school(DirtySchool::Dark)->when($gone(), visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('At the dirty end of the ladder sunfish and crawfish turn into black and blue.');

        yield rule('S10.natural')->school(DirtySchool::Natural)->special()->when(not(forage(Forage::Shad)), visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('You stay with green pumpkin in dirty water: it shows as well and looks more real.');

        yield rule('F3')->when(forage(Forage::Bluegill), visibility()->over(inches(9)))
            ->pick(Skirt::of(Colour::GreenPumpkin)->accent(Colour::Blue, Colour::Orange, Colour::Yellow))
            ->because('Sunfish are green pumpkin with touches of blue, orange or yellow, never one solid colour.');

        yield rule('F4')->when(forage(Forage::Crawfish), visibility()->over(feet(1.5)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Crawfish are green pumpkin or brown.');

        yield rule('S19.clear')->for(LureKind::SwimJig)->when(
            run(Run::Low),
            cover(Cover::Grass),
            visibility()->over(feet(3)),
            not(forage(Forage::Shad)),
        )
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Low over clear grass a swim jig is green pumpkin.');
    }

    /** @return \Generator<int, Rule> */
    private static function otherForage(): \Generator
    {
        yield rule('F6.perch')->when(forage(Forage::Perch))
            ->pick(Skirt::of(Colour::Yellow)->accent(Colour::Orange, Colour::Black))
            ->because('Perch run from lime to yellow, barred in orange and dark.');

        yield rule('F6.shiner.skirt')->when(forage(Forage::GoldenShiner))
            ->pick(Skirt::of(Colour::Gold)->accent(Colour::Orange))
            ->because('A golden shiner is gold with a little orange at the fins.');

        yield rule('F6.crappie')->when(forage(Forage::Crappie))
            ->pick(Skirt::of(Colour::Smoke)->accent(Colour::Black))
            ->because('Crappie are mottled dark on light.');

        yield rule('S8.crappie')->when(forage(Forage::Crappie), visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::White)->accent(Colour::Black))
            ->because('A see-through skirt would vanish here: the same mottling in solid colours.');
    }

    /** @return \Generator<int, Rule> */
    private static function dirtyWater(): \Generator
    {
        yield rule('S11')->school(DirtySchool::Dark)->special()
            ->when(tint(Tint::Clay), visibility()->under(inches(6)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('In opaque tan run-off black and blue reads as a shadow; nothing else reads at all.');

        yield rule('S11.dark')->for(LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig)->school(DirtySchool::Dark)
            ->when(visibility()->under(feet(1)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('In dirty water a dark base keeps the hardest outline.');

        yield rule('S12')->school(DirtySchool::Dark)->special()
            ->when(
                tint(Tint::Tannic),
                sky(Sky::Overcast, Sky::Rain, Sky::Storm, Sky::LowSun),
                visibility()->under(feet(2.5)),
                not(forage(Forage::Shad)),
            )
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Tea-coloured water on a dark day is black-and-blue water.');

        yield rule('B6.skirt')->with('S12')->special()
            ->when(sky(Sky::Night, Sky::Storm))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Too dark for colour: the blackest skirt makes the clearest outline.');

        yield rule('S13.bright')->with('S9')->school(DirtySchool::Bright)->special()
            ->when(visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::Chartreuse)->accent(Colour::White))
            ->because('You meet dirty water with bright, solid colour: chartreuse and white.');

        yield rule('S18')->for(LureKind::Spinnerbait)->special()
            ->when(visibility()->under(inches(8)), surface()->under(50), not(sky(Sky::Night, Sky::Storm)), not(tint(Tint::Clay)))
            ->pick(Skirt::of(Colour::Yellow)->accent(Colour::Chartreuse, Colour::White))
            ->because('Cold and muddy: rubber in yellow, lime and white.');

        yield rule('S19.high')->for(LureKind::SwimJig)
            ->when(run(Run::High), visibility()->under(feet(1.5)), not(cover(Cover::Open)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('High under cover in dirty water a swim jig is black and blue, or white where shad are about.');
    }

    /** @return \Generator<int, Rule> */
    private static function redSpring(): \Generator
    {
        yield rule('F5')->school(RedSpringSchool::WhereTheyTurn)->special()
            ->when(
                redCrawfish(),
                forage(Forage::Crawfish),
                season(Season::LateWinter, Season::EarlySpring),
                surface()->between(50, 62),
            )
            ->pick(Skirt::of(Colour::GreenPumpkin)->accent(Colour::Red, Colour::Orange))
            ->notPick(Skirt::of(Colour::Brown))
            ->because('The crawfish here have turned: red and orange under green pumpkin, clear water or mud.');

        yield rule('D5.bluegill')->with('F5')->school(RedSpringSchool::Skip)
            ->when(
                redCrawfish(),
                forage(Forage::Crawfish),
                season(Season::LateWinter, Season::EarlySpring),
                surface()->between(50, 62),
            )
            ->pick(Skirt::any()->accent(Colour::Blue))
            ->because('You leave spring red alone: sunfish colours catch more.');
    }

    /** @return \Generator<int, Rule> */
    private static function asSeen(): \Generator
    {
        foreach (Colour::cases() as $colour) {
            yield rule('F7.'.$colour->value)->special()
                ->when(seen($colour))
                ->pick(Skirt::any()->accent($colour))
                ->because('You saw this colour on what they eat: copy it.');
        }
    }
}
