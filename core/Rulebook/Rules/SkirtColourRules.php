<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Profile;
use Kontrast\Lure\Run;
use Kontrast\Reading\Cover;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Goal;
use Kontrast\Reading\JigClearSchool;
use Kontrast\Reading\RedSpringSchool;
use Kontrast\Reading\Season;
use Kontrast\Reading\ShadStartSchool;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Claim;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Part\Skirt;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\beforeTheSpawn;
use function Kontrast\Rulebook\clear;
use function Kontrast\Rulebook\cloudy;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\dark;
use function Kontrast\Rulebook\dirty;
use function Kontrast\Rulebook\eats;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\goal;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\muddy;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\redCrawfish;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\run;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\seen;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\stained;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\tint;
use function Kontrast\Rulebook\toughAndCalm;
use function Kontrast\Rulebook\turnedCrawfish;
use function Kontrast\Rulebook\veryClear;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** The skirt's base color, its accents and its belly. Questions D3, D4 and D5 are settled here. */
final class SkirtColourRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::jig();
        yield from self::shad();
        yield from self::sunfishAndCrawfish();
        yield from self::otherForage();
        yield from self::mixedForage();
        yield from self::dirtyWater();
        yield from self::swimJig();
        yield from self::darkness();
        yield from self::redSpring();
        yield from self::toughBite();
        yield from self::asSeen();
    }

    /** @return \Generator<int, Rule> */
    private static function jig(): \Generator
    {
        $jig = static fn (string $id): Rule => rule($id)->for(LureKind::Jig);

        yield $jig('S1')->school(DirtySchool::Dark)
            ->when(visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Under ‹1.5 ft|a foot and a half› of visibility: a black and blue jig keeps its outline.');

        yield $jig('S1.best')->school(DirtySchool::Dark)->special()
            ->when(visibility()->between(inches(6), inches(15)))
            ->pick(Skirt::of(Colour::Black))
            ->because('‹6 to 15 in|Six to fifteen inches› of visibility: a black and blue jig is at its best.');

        yield $jig('S1.rain')->special()
            ->when(sky(Sky::Rain), visibility()->inside(feet(1.5), feet(3)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Rain and clouds: black and blue works up to about ‹3 ft|three feet› of visibility.');

        yield $jig('S12.jig')->with('S1')->school(DirtySchool::Dark)->special()
            ->when(tint(Tint::Tannic), cloudy(), visibility()->under(feet(2.5)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Tea-colored water on a dark day: black and blue.');

        yield $jig('S2')->school(DirtySchool::Dark)->special()
            ->when(
                visibility()->between(inches(4), inches(12)),
                any(sky(Sky::Rain, Sky::Storm, Sky::Overcast), wind(Wind::Chop)),
                not(all(tint(Tint::Clay), muddy())),
            )
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Chartreuse))
            ->notPick(Skirt::any()->accent(Colour::Blue))
            ->because('Dirty water under rain, clouds or wind: black with a little chartreuse, as an accent only.');

        yield $jig('S3')->special()
            ->when(visibility()->between(feet(3), feet(4)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Brown))
            ->because('‹3 to 4 ft|Three to four feet› of visibility: brown, and nothing else that the season does not ask for.');

        yield $jig('S4')->special()
            ->when(
                visibility()->between(feet(2.5), feet(4)),
                surface()->between(50, 59),
                season(Season::EarlySpring, Season::Fall),
                not(forage(Forage::Shad)),
            )
            ->pick(Skirt::of(Colour::Brown)->accent(Colour::Orange))
            ->because('Water in the fifties, early spring or late fall: orange lets brown go a little dirtier.');

        yield $jig('S5')->special()
            ->when(season(Season::Fall), visibility()->between(feet(1.5), feet(4)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Brown)->accent(Colour::Blue, Colour::Orange))
            ->because('Fall, up to ‹4 ft|four feet› of visibility: brown with blue and orange.');

        $rock = static fn (string $id): Rule => $jig($id)->with('S4')
            ->when(visibility()->between(feet(1.5), feet(3.5)), surface()->between(45, 55), beforeTheSpawn(), not(forage(Forage::Shad)));

        yield $rock('S6')->special()->when(cover(Cover::Rock))
            ->pick(Skirt::of(Colour::Brown)->accent(Colour::Orange))
            ->because('Cold rock before spring: brown and orange look like crawfish, and a blue trailer stands out against them.');

        yield $rock('S6.dock')->special()->when(cover(Cover::Dock, Cover::Wood))
            ->pick(Skirt::of(Colour::Brown)->accent(Colour::Orange))
            ->because('Cold docks and wood before spring: brown and orange work here now and then, as on rock.');

        $between = static fn (string $id): Rule => $jig($id)->deciding()
            ->when(visibility()->inside(feet(4), feet(5)), not(forage(Forage::Shad)), not(dark()));

        yield $between('D13.brown')->with('S3')->school(JigClearSchool::Open, JigClearSchool::Brown)
            ->pick(Skirt::of(Colour::Brown))
            ->because('‹4 to 5 ft|Four to five feet› of visibility: brown still works on a jig.');

        yield $between('D13.green_pumpkin')->with('P1')->school(JigClearSchool::Open, JigClearSchool::GreenPumpkin)
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('‹4 to 5 ft|Four to five feet› of visibility: green pumpkin, skirt and trailer, works as well on a jig.');

        yield $jig('S7')->special()
            ->when(visibility()->over(feet(5)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Over ‹5 ft|five feet› of visibility: green pumpkin.');

        yield $jig('S7.plain')->special()
            ->when(visibility()->over(feet(5)), not(forage(Forage::Shad)))
            ->notPick(...self::accents(Colour::cases()))
            ->because('Over ‹5 ft|five feet› of visibility: no accents.');
    }

    /** @return \Generator<int, Rule> */
    private static function shad(): \Generator
    {
        yield rule('F2.skirt')->fallback()->when(forage(Forage::Shad))
            ->pick(Skirt::of(Colour::White))
            ->because('Shad are whitish with a gray back.');

        yield rule('S8.smoke')->with('W3', 'S26')->school(ShadStartSchool::Clarity)
            ->when(forage(Forage::Shad), veryClear())
            ->pick(Skirt::of(Colour::Smoke)->over(Colour::Pearl))
            ->because('Very clear water: a see-through smoke back over pearl looks like a baitfish.');

        yield rule('K3.pale_blue')->school(ShadStartSchool::Clarity)
            ->when(forage(Forage::Shad), veryClear(), tint(Tint::None), sunny())
            ->pick(Skirt::of(Colour::Smoke)->accent(Colour::PaleBlue))
            ->because('Sun in very clear, colorless water: add a few see-through pale blue strands.');

        yield rule('S8.pearl')->school(ShadStartSchool::Clarity)
            ->when(forage(Forage::Shad), clear())
            ->pick(Skirt::of(Colour::Pearl)->accent(Colour::Smoke))
            ->because('Clear water: pearl strands with some gray for the back.');

        yield rule('X7')->with('P2', 'S8')->school(ShadStartSchool::Clarity)->special()
            ->when(forage(Forage::Shad), season(Season::Fall), visibility()->between(feet(2), feet(3)))
            ->pick(Skirt::of(Colour::Pearl)->accent(Colour::Smoke)->opacity(Opacity::Translucent))
            ->because('Fall shad water with ‹2 to 3 ft|two to three feet› of visibility: slightly see-through pearl, not a bright white.');

        yield rule('S8.solid')
            ->when(forage(Forage::Shad), visibility()->under(feet(3)))
            ->pick(Skirt::of(Colour::White))
            ->notPick(Skirt::of(Colour::Smoke))
            ->because('Less than ‹3 ft|three feet› of visibility: see-through baitfish patterns disappear, solid white does not.');

        yield rule('S9')->for(LureKind::SwimJig)->special()
            ->when(forage(Forage::Shad), dirty())
            ->pick(Skirt::of(Colour::White)->accent(Colour::Chartreuse))
            ->because('Shad in dirty water: solid white with chartreuse in it.');

        $dirtyShad = static fn (string $id): Rule => rule($id)->for(LureKind::Spinnerbait, LureKind::BladedJig)->special();

        yield $dirtyShad('S9.gold')
            ->when(forage(Forage::Shad), dirty(), settled(Slot::Finish, Finish::Gold, Finish::PaintedChartreuse))
            ->pick(Skirt::of(Colour::Chartreuse)->accent(Colour::White))
            ->because('Shad in dirty water: with a gold blade, chartreuse and white has the edge over plain white.');

        yield $dirtyShad('S9.plain')
            ->when(forage(Forage::Shad), dirty(), not(settled(Slot::Finish, Finish::Gold, Finish::PaintedChartreuse)))
            ->pick(Skirt::of(Colour::White)->accent(Colour::Chartreuse))
            ->because('Shad in dirty water: solid white with chartreuse in it.');

        yield rule('S9.mud')->with('D3')->for(LureKind::Spinnerbait)->special()
            ->when(forage(Forage::Shad), muddy(), not(dark()))
            ->pick(Skirt::of(Colour::Chartreuse)->accent(Colour::White))
            ->because('Shad in mud by day: a spinnerbait is bright, whatever you do with other lures.');

        yield rule('S13')->for(LureKind::Spinnerbait, LureKind::BladedJig, LureKind::SwimJig)
            ->school(ShadStartSchool::ChartreuseWhite)->special()
            ->when(forage(Forage::Shad), not(dark()))
            ->pick(Skirt::of(Colour::Chartreuse)->accent(Colour::White))
            ->because('Shad water: you start with chartreuse and white.');

        yield rule('S22')->for(LureKind::Spinnerbait)->special()
            ->when(forage(Forage::Shad), beforeTheSpawn(), settled(Slot::Profile, Profile::Big), visibility()->atLeast(inches(9)))
            ->pick(Skirt::of(Colour::White)->over(Colour::Chartreuse, Colour::Orange))
            ->because('Big shad dying after the winter: white over a belly of chartreuse and orange.');

        yield rule('P7.skirt')->for(LureKind::Spinnerbait, LureKind::BladedJig, LureKind::SwimJig)->special()
            ->when(cover(Cover::Dock), cloudy(), forage(Forage::Shad, Forage::Crappie, Forage::Unknown), visibility()->atLeast(inches(6)))
            ->pick(Skirt::of(Colour::White))
            ->because('Low light under docks: a white skirt.');
    }

    /** @return \Generator<int, Rule> */
    private static function sunfishAndCrawfish(): \Generator
    {
        $gone = static fn (): Condition => forage(Forage::Bluegill, Forage::Crawfish, Forage::Unknown);

        yield rule('F3')->when(forage(Forage::Bluegill), visibility()->atLeast(feet(1.5)))
            ->pick(Skirt::of(Colour::GreenPumpkin)->accent(Colour::Blue, Colour::Orange, Colour::Yellow))
            ->claims(Claim::AccentedSkirt)
            ->because('Sunfish are green pumpkin with blue, orange or yellow, never one solid color.');

        yield rule('S10.clear')->with('S27')->when($gone(), visibility()->atLeast(feet(1.5)))
            ->pick(Skirt::of(Colour::GreenPumpkin)->accent(Colour::Orange, Colour::Brown))
            ->because('‹1.5 ft|A foot and a half› of visibility and more: green pumpkin with a puff of orange and brown.');

        yield rule('S10.dirty')->school(DirtySchool::Dark)
            ->when(forage(Forage::Bluegill, Forage::Crawfish), visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Dirty water: for sunfish and crawfish black and blue.');

        yield rule('D3.bladed')->with('S10')->for(LureKind::BladedJig)->school(DirtySchool::Dark)->fallback()
            ->when(forage(Forage::Crawfish), dirty())
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Crawfish in dirty water: on a bladed jig green pumpkin comes right behind black and blue.');

        yield rule('S10.natural')->with('D3')->school(DirtySchool::Natural)->special()
            ->when(not(forage(Forage::Shad)), visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Dirty water: green pumpkin shows as well as black and looks more real.');

        yield rule('K5')->school(DirtySchool::Natural)
            ->when(forage(Forage::Bluegill, Forage::Crappie), dirty(), settled(Slot::SkirtBase, Colour::GreenPumpkin))
            ->pick(Skirt::any()->accent(Colour::Gold, Colour::Maroon))
            ->because('Sunfish and crappie in off-color water: gold and a little maroon in the green pumpkin.');

        yield rule('F4')->when(forage(Forage::Crawfish), visibility()->atLeast(feet(1.5)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Crawfish are green pumpkin or brown.');

        yield rule('house.maroon')->when(
            forage(Forage::Crawfish),
            stained(),
            season(Season::Winter, Season::LateWinter),
            not(redCrawfish()),
        )
            ->pick(Skirt::of(Colour::GreenPumpkin)->accent(Colour::Maroon))
            ->because('Winter crawfish are dark: a little maroon in the green pumpkin.');

        yield rule('X8.brush')->with('P1', 'P3')
            ->for(LureKind::Jig, LureKind::BladedJig, LureKind::SwimJig)
            ->when(forage(Forage::Bluegill), cover(Cover::FloodedBrush), visibility()->under(feet(3)))
            ->pick(Skirt::of(Colour::Black))
            ->because('Sunfish in flooded brush: a black body with a loud trailer is one of the two answers.');
    }

    /** @return \Generator<int, Rule> */
    private static function otherForage(): \Generator
    {
        yield rule('F6.perch')->when(forage(Forage::Perch))
            ->pick(Skirt::of(Colour::Yellow)->accent(Colour::Orange, Colour::Black))
            ->because('Perch are lime to yellow, with orange and dark bars.');

        yield rule('F6.shiner.skirt')->when(forage(Forage::GoldenShiner))
            ->pick(Skirt::of(Colour::Gold)->accent(Colour::Orange))
            ->because('Golden shiners are gold with a little orange at the fins.');

        yield rule('F6.crappie')->when(forage(Forage::Crappie))
            ->pick(Skirt::of(Colour::Smoke)->accent(Colour::Black))
            ->because('Crappie are mottled dark on light.');

        yield rule('S8.crappie')->when(forage(Forage::Crappie), visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::White)->accent(Colour::Black))
            ->notPick(Skirt::of(Colour::Smoke))
            ->because('Dirty water: a see-through skirt would disappear, so the same mottling in solid colors.');
    }

    /** @return \Generator<int, Rule> */
    private static function mixedForage(): \Generator
    {
        yield rule('F11.unknown')->when(forage(Forage::Unknown), visibility()->atLeast(feet(1.5)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Forage not known yet: green pumpkin looks like most of it.');

        yield rule('F11.unknown.dirty')->school(DirtySchool::Dark)->when(forage(Forage::Unknown), visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Forage not known yet and dirty water: black and blue.');

        yield rule('F8.unknown')->for(LureKind::Spinnerbait, LureKind::BladedJig, LureKind::SwimJig)->special()
            ->when(forage(Forage::Unknown), season(Season::Fall))
            ->pick(Skirt::of(Colour::White))
            ->because('Fall, forage not known yet: shad are what they most likely eat.');

        yield rule('S23.numbers')->for(LureKind::Spinnerbait, LureKind::BladedJig, LureKind::SwimJig)->special()
            ->when(goal(Goal::Numbers), forage(Forage::Unknown), visibility()->atLeast(inches(6)), not(dark()))
            ->pick(Skirt::of(Colour::White))
            ->because('More fish wanted and nothing known of the forage: light colors bring numbers.');

        yield rule('S23.numbers.mixed')->with('F11', 'X4')->for(LureKind::Spinnerbait, LureKind::BladedJig, LureKind::SwimJig)->special()
            ->when(
                goal(Goal::Numbers),
                eats(Forage::Shad),
                not(forage(Forage::Shad, Forage::Crawfish)),
                visibility()->atLeast(feet(1.5)),
                not(dark()),
            )
            ->pick(Skirt::of(Colour::Pearl))
            ->because('More fish wanted and shad among the forage: light colors bring numbers.');

        yield rule('S23.size')->special()
            ->when(
                goal(Goal::Size),
                any(forage(Forage::Unknown), all(forage(Forage::Shad), eats(Forage::Bluegill))),
                visibility()->atLeast(feet(1.5)),
                not(dark()),
            )
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Bigger fish wanted: green pumpkin and other dark naturals.');
    }

    /** @return \Generator<int, Rule> */
    private static function dirtyWater(): \Generator
    {
        yield rule('S11')->school(DirtySchool::Dark)->special()
            ->when(tint(Tint::Clay), muddy())
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Opaque tan runoff: black and blue shows as a shadow, and nothing else shows at all.');

        yield rule('S11.dark')->for(LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig)->school(DirtySchool::Dark)
            ->when(visibility()->under(feet(1)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Less than ‹1 ft|a foot› of visibility: a dark base keeps the clearest outline.');

        yield rule('S12.bladed')->with('B7')->for(LureKind::BladedJig)->special()
            ->when(tint(Tint::Tannic), visibility()->between(feet(1), feet(3)), not(forage(Forage::Shad)), not(dark()))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Tea-colored water with ‹1 to 3 ft|one to three feet› of visibility: keep the skirt natural and let the '
                .'blade add flash.');

        $bright = static fn (string $id, Forage ...$forage): Rule => rule($id)->school(DirtySchool::Bright)->special()
            ->when(visibility()->under(feet(1.5)), forage(...$forage));

        yield $bright('S13.bright', Forage::Unknown, Forage::GoldenShiner)->with('S9', 'D3')
            ->pick(Skirt::of(Colour::Chartreuse)->accent(Colour::White))
            ->because('Dirty water by day: bright, solid chartreuse and white.');

        yield $bright('D3.bright.perch', Forage::Perch)->with('F6')
            ->pick(Skirt::of(Colour::Yellow)->accent(Colour::Chartreuse, Colour::Orange))
            ->because('Dirty water and perch: their own bright colors, yellow with lime and orange.');

        yield $bright('D3.bright.sunfish', Forage::Bluegill)->with('F3')
            ->pick(Skirt::of(Colour::Chartreuse)->accent(Colour::Orange, Colour::Blue))
            ->because('Dirty water and sunfish: their own bright colors, lime with orange and blue.');

        yield $bright('D3.bright.crappie', Forage::Crappie)->with('F6')
            ->pick(Skirt::of(Colour::White)->accent(Colour::Black, Colour::Chartreuse))
            ->because('Dirty water and crappie: their own bright colors, white with black and lime.');

        yield rule('house.bright_craw')->school(DirtySchool::Bright)->special()
            ->when(visibility()->under(feet(1.5)), forage(Forage::Crawfish))
            ->pick(Skirt::of(Colour::Orange)->accent(Colour::Chartreuse))
            ->because('Dirty water and crawfish: bright, solid orange with chartreuse.');

        yield rule('S18')->for(LureKind::Spinnerbait)->special()
            ->when(
                visibility()->under(feet(1.5)),
                surface()->atMost(45),
                not(dark()),
                not(forage(Forage::Crawfish)),
                any(forage(Forage::Shad), not(all(muddy(), tint(Tint::Clay)))),
            )
            ->pick(Skirt::of(Colour::Yellow)->accent(Colour::Chartreuse, Colour::White))
            ->because('‹45 °F|Forty-five degrees› and colder, and dirty: rubber in yellow, lime and white.');
    }

    /** @return \Generator<int, Rule> */
    private static function swimJig(): \Generator
    {
        $blackBlue = static fn (string $id): Rule => rule($id)->for(LureKind::SwimJig)->school(DirtySchool::Dark)->special()
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue));

        yield $blackBlue('S12')->when(tint(Tint::Tannic), not(forage(Forage::Shad)))
            ->because('Tea-colored water: a swim jig is black and blue.');

        yield $blackBlue('S12.rain')->when(sky(Sky::Rain), not(forage(Forage::Shad)), visibility()->atMost(feet(5)))
            ->because('Rain: a swim jig is black and blue.');

        yield $blackBlue('S12.overcast')->when(sky(Sky::Overcast), not(forage(Forage::Shad)), visibility()->under(feet(3)))
            ->because('A dark day: a swim jig is black and blue.');

        yield $blackBlue('S12.dirty')->when(not(forage(Forage::Shad)), visibility()->under(feet(1.5)))
            ->because('Dirty water: a swim jig is black and blue.');

        yield $blackBlue('S12.spawn')->when(beforeTheSpawn(), not(forage(Forage::Shad)), visibility()->under(feet(3)))
            ->because('Before the spawn: a swim jig is black and blue.');

        yield rule('S19.clear')->for(LureKind::SwimJig)->when(
            run(Run::Low),
            cover(Cover::Grass),
            visibility()->atLeast(feet(3)),
            not(forage(Forage::Shad)),
        )
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Low over clear grass: a green pumpkin swim jig.');

        yield rule('D3.high')->with('S19')->for(LureKind::SwimJig)->fallback()
            ->when(run(Run::High), visibility()->under(feet(1.5)))
            ->pick(Skirt::of(Colour::White))
            ->because('Fished high in dirty water: a white swim jig is the equal of a black and blue one.');

        yield rule('S19.high')->for(LureKind::SwimJig)
            ->when(run(Run::High), visibility()->under(feet(1.5)), not(cover(Cover::Open)), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('High under cover in dirty water: a black and blue swim jig, or white where there are shad.');
    }

    /** @return \Generator<int, Rule> */
    private static function darkness(): \Generator
    {
        yield rule('B6.skirt')->with('S12')->deciding()->when(dark())
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Too dark for color: the blackest skirt makes the clearest outline.');

        yield rule('B6.tea')->with('S12')->for(LureKind::Spinnerbait, LureKind::BladedJig)->school(DirtySchool::Dark)->special()
            ->when(tint(Tint::Tannic), visibility()->under(feet(1)), cloudy(), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::Black)->accent(Colour::Blue))
            ->because('Very dark tea-colored water under clouds: a black skirt and a black blade.');
    }

    /** @return \Generator<int, Rule> */
    private static function redSpring(): \Generator
    {
        yield rule('F5')->with('X3')->school(RedSpringSchool::WhereTheyTurn)->deciding()
            ->when(turnedCrawfish(), not(dark()))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('Crawfish that have turned red: green pumpkin over red, clear water or mud.');

        yield rule('F5.belly')->with('X3', 'K1')->school(RedSpringSchool::WhereTheyTurn)->deciding()
            ->when(turnedCrawfish())
            ->pick(Skirt::any()->over(Colour::Red))
            ->because('Crawfish that have turned red: a red belly under the back.');

        yield rule('F5.accent')->with('X3')->school(RedSpringSchool::WhereTheyTurn)->deciding()
            ->when(turnedCrawfish(), not(toughAndCalm()))
            ->pick(Skirt::any()->accent(Colour::Orange, Colour::Red))
            ->because('Crawfish that have turned red: red-orange shows at every clarity.');

        yield rule('D5.bluegill')->with('F5')->school(RedSpringSchool::Skip)
            ->when(turnedCrawfish())
            ->pick(Skirt::any()->accent(Colour::Blue))
            ->because('You do not use spring red: sunfish colors catch more.');
    }

    /** @return \Generator<int, Rule> */
    private static function toughBite(): \Generator
    {
        yield rule('X2.accents')->with('W6')->deciding()->when(toughAndCalm())
            ->notPick(...self::accents(Colour::loud()))
            ->because('A tough bite without wind: no loud accents.');

        yield rule('X2.base')->with('W6')->deciding()->when(toughAndCalm())
            ->notPick(...array_map(static fn (Colour $loud): Skirt => Skirt::of($loud), Colour::loud()))
            ->because('A tough bite without wind: nothing bright.');

        yield rule('X2.natural')->with('W6')->fallback()->when(toughAndCalm(), not(forage(Forage::Shad)))
            ->pick(Skirt::of(Colour::GreenPumpkin))
            ->because('A tough bite without wind: a natural color.');

        yield rule('X2.perch')->with('W6', 'F6')->when(toughAndCalm(), forage(Forage::Perch))
            ->pick(Skirt::of(Colour::Gold)->accent(Colour::Black))
            ->because('A tough bite without wind: perch colors toned down to gold with dark bars.');
    }

    /** @return \Generator<int, Rule> */
    private static function asSeen(): \Generator
    {
        foreach (Colour::cases() as $colour) {
            yield rule('F7.'.$colour->value)->special()
                ->when(seen($colour))
                ->pick(Skirt::any()->accent($colour))
                ->because('You saw this color on what they eat: copy it.');
        }
    }

    /**
     * @param list<Colour> $colours
     *
     * @return list<Skirt>
     */
    private static function accents(array $colours): array
    {
        return array_map(static fn (Colour $colour): Skirt => Skirt::any()->accent($colour), $colours);
    }
}
