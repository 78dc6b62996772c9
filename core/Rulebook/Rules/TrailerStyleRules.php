<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\BellyShape;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Rig;
use Kontrast\Lure\Run;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Part\Trailer;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\forageLength;
use function Kontrast\Rulebook\forageLengthUnknown;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\muddy;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\run;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\turnedCrawfish;
use function Kontrast\Rulebook\veryClear;
use function Kontrast\Rulebook\visibility;

/** Whether a trailer goes on, in which outline, how long, and which way round. */
final class TrailerStyleRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::fitted();
        yield from self::spinnerbait();
        yield from self::style();
        yield from self::length();
        yield from self::rig();
        yield from self::bellyShape();
    }

    /** @return \Generator<int, Rule> */
    private static function fitted(): \Generator
    {
        yield rule('P4.always')->for(LureKind::Jig, LureKind::SwimJig, LureKind::BladedJig)
            ->pick(Trailer::fitted())
            ->because('The trailer is most of what fish see.');

        $spinnerbait = static fn (string $id): Rule => rule($id)->for(LureKind::Spinnerbait);

        yield $spinnerbait('T6.warm')->fallback()
            ->pick(Trailer::fitted(false))
            ->because('Water neither cold nor dirty: a spinnerbait swims more freely without a trailer.');

        yield $spinnerbait('T6.cold')->when(cold())
            ->pick(Trailer::fitted())
            ->because('Cold water: a trailer adds bulk and slows the lure.');

        yield $spinnerbait('T6.dirty')->when(visibility()->under(feet(1.5)))
            ->pick(Trailer::fitted())
            ->because('Dirty water: a trailer adds bulk and movement.');

        yield $spinnerbait('S16')->with('X12')->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::LongTail), not(all(cold(), visibility()->under(feet(1.5))->sharp())))
            ->pick(Trailer::fitted(false))
            ->because('A long-tail skirt needs no trailer.');

        yield $spinnerbait('T6.must')->with('X12')->deciding()->when(cold(), visibility()->under(feet(1.5))->sharp())
            ->pick(Trailer::fitted())
            ->because('Cold and dirty water: a spinnerbait must have a trailer.');
    }

    /** @return \Generator<int, Rule> */
    private static function spinnerbait(): \Generator
    {
        $style = static fn (string $id, TrailerStyle $style): Rule => rule($id)->for(LureKind::Spinnerbait)
            ->pick(Trailer::any()->style($style));

        yield $style('T12', TrailerStyle::PaddleTail)->when(muddy())
            ->because('Muddy water: a paddle tail vibrates; a grub or a ringworm works too.');

        yield $style('T5', TrailerStyle::SingleTailGrub)->with('P2')->when(not(bite(Bite::Tough)))
            ->because('A single-tail grub is the usual spinnerbait trailer: it adds bulk and action and slows the lure.');

        yield $style('house.ringworm', TrailerStyle::Ringworm)->special()->when(bite(Bite::Tough))
            ->because('A tough bite: a thin ringworm makes the least disturbance.');
    }

    /** @return \Generator<int, Rule> */
    private static function style(): \Generator
    {
        $say = static fn (
            string $id,
            TrailerStyle $style,
            LureKind ...$kinds,
        ): Rule => rule($id)->for(...$kinds)->pick(Trailer::any()->style($style));
        $wound = [LureKind::SwimJig, LureKind::BladedJig];

        yield $say('T1', TrailerStyle::Craw, LureKind::Jig, ...$wound)
            ->when(forage(Forage::Crawfish))
            ->because('Crawfish: busy claws, which lift and drag and keep the lure up.');

        yield $say('X3.craw', TrailerStyle::Craw, LureKind::Jig, ...$wound)->with('F5', 'T1')->deciding()
            ->when(turnedCrawfish())
            ->because('Crawfish that have turned red: the lure is built as one.');

        yield $say('T1.dirty', TrailerStyle::Craw, LureKind::Jig, ...$wound)
            ->when(visibility()->under(feet(1.5)), not(forage(Forage::Shad)))
            ->because('Dirty water: busy claws push more water.');

        yield $say('T1.high', TrailerStyle::Craw, LureKind::SwimJig)->special()->with('R1')
            ->when(run(Run::High))
            ->because('A swim jig fished high: a craw with busy claws keeps it up, whatever the forage.');

        yield $say('house.high.bladed', TrailerStyle::Craw, LureKind::BladedJig)
            ->when(run(Run::High), not(forage(Forage::Shad)))
            ->because('Fished high: claws add lift.');

        yield $say('T1.dock', TrailerStyle::Craw, LureKind::Jig)->with('T11')
            ->when(cover(Cover::Dock), not(cold()))
            ->because('Docks: a craw with a flat belly skips, and a screw-lock keeper holds it on.');

        yield $say('T2', TrailerStyle::PaddleTail, ...$wound)
            ->when(forage(Forage::Shad, Forage::GoldenShiner, Forage::Perch, Forage::Crappie))
            ->because('Baitfish: a paddle tail swims steady and vibrates a little.');

        yield $say('T2.low', TrailerStyle::PaddleTail, ...$wound)->with('R2')
            ->when(run(Run::Low))
            ->because('Fished low: a paddle tail lifts less than a craw.');

        yield $say('T3', TrailerStyle::ForkTail, LureKind::BladedJig)->special()
            ->when(forage(Forage::Shad, Forage::GoldenShiner), visibility()->over(feet(4)))
            ->because('Clear water: a slender fork-tail minnow looks like a baitfish.');

        yield $say('T3.slim', TrailerStyle::PaddleTail, LureKind::BladedJig)->special()
            ->when(forage(Forage::Shad), season(Season::Fall), visibility()->atLeast(feet(1.5)))
            ->because('A fall bladed jig: a small slim paddle tail comes first, the fork-tail after it.');

        yield $say('T3.fall', TrailerStyle::ForkTail, ...$wound)
            ->when(forage(Forage::Shad), season(Season::Fall), visibility()->between(feet(3), feet(5)))
            ->because('Fall: a slender fork-tail minnow looks like the shad they chase.');

        yield $say('T14', TrailerStyle::ForkTail, LureKind::SwimJig)->special()
            ->when(forage(Forage::Shad), visibility()->atLeast(feet(1.5)), not(run(Run::Low)))
            ->because('Shad: a slender fork-tail on a swim jig, in most water.');

        yield $say('T14.very_clear', TrailerStyle::PaddleTail, LureKind::SwimJig)
            ->when(forage(Forage::Shad), veryClear())
            ->because('Shad in very clear water: a paddle tail may be tried on a swim jig.');

        yield $say('T4.change_up', TrailerStyle::TwinTailGrub, ...$wound)->fallback()
            ->when(forage(Forage::Shad))
            ->because('Shad: a twin-tail grub on its side is a change-up.');

        yield $say('T4.unknown', TrailerStyle::TwinTailGrub, LureKind::BladedJig)
            ->when(forage(Forage::Unknown))
            ->because('Forage not known yet: a twin flat-tail grub on its side looks like sunfish and like shad.');

        yield $say('T4', TrailerStyle::TwinTailGrub, LureKind::SwimJig)
            ->when(forage(Forage::Bluegill, Forage::Unknown))
            ->because('Sunfish: a twin flat-tail grub looks like one and lifts less than a craw.');

        yield $say('T13.early', TrailerStyle::ForkTail, LureKind::BladedJig)
            ->when(
                forage(Forage::Bluegill),
                season(Season::LateWinter, Season::EarlySpring, Season::Spring),
                visibility()->atLeast(feet(1.5)),
            )
            ->because('Early in the season young sunfish are slender: so is the trailer.');

        yield $say('T13.late', TrailerStyle::PaddleTail, LureKind::BladedJig)
            ->when(forage(Forage::Bluegill), season(Season::Summer, Season::Fall))
            ->because('Later in the season young sunfish are deep-bodied: so is the swimbait.');

        yield $say('T7', TrailerStyle::Chunk, LureKind::Jig)
            ->when(cold())
            ->because('Cold water: a chunk hardly moves.');

        yield $say('T7.jig', TrailerStyle::Chunk, LureKind::Jig)->fallback()
            ->because('A chunk is the classic jig trailer.');

        yield $say('house.style.wound', TrailerStyle::PaddleTail, ...$wound)->fallback()
            ->because('A paddle tail (a default of this program).');

        yield $say('T9', TrailerStyle::Craw, LureKind::BladedJig)->special()->with('R4')
            ->when(cover(Cover::Wood, Cover::FloodedBrush), not(forage(Forage::Shad)))
            ->because('Timber: a wide-based craw keeps a bladed jig from rolling over.');

        yield $say('S17.trailer', TrailerStyle::PaddleTail, LureKind::BladedJig)->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::None))
            ->because('Without a skirt, the swimbait is the lure.');
    }

    /** @return \Generator<int, Rule> */
    private static function length(): \Generator
    {
        $long = static fn (string $id, float $inches): Rule => rule($id)->pick(Trailer::any()->length(Length::inches($inches)));
        $plastic = [LureKind::Jig, LureKind::SwimJig, LureKind::BladedJig];

        yield rule('T8.forage')->with('X6')->for(...$plastic)
            ->pick(Trailer::asLongAsTheForage(Length::inches(2.5), Length::inches(5), Length::inches(0.5)))
            ->because('The trailer is as long as the forage.');

        yield rule('T5.forage')->with('X6', 'F9')->for(LureKind::Spinnerbait)
            ->pick(Trailer::asLongAsTheForage(Length::inches(3), Length::inches(5), Length::inches(1)))
            ->because('Grubs come in ‹3, 4 and 5 in|three, four and five inches›: the one nearest to the forage.');

        yield $long('house.length', 3.5)->for(...$plastic)->fallback()
            ->because('No forage length given: a medium trailer (a default of this program).');

        yield $long('house.length.grub', 4)->for(LureKind::Spinnerbait)->fallback()
            ->because('No forage length given: a medium grub (a default of this program).');

        yield $long('T14.length', 3.5)->for(LureKind::SwimJig)
            ->when(forage(Forage::Shad), any(forageLengthUnknown(), forageLength()->between(inches(3), inches(4))))
            ->because('Shad: choose a slender ‹3.5 in|three and a half inches› over ‹5 in|five›.');

        yield $long('T8.cold', 4.5)->with('X6')->for(LureKind::BladedJig)->special()
            ->when(cold(), not(season(Season::Fall)))
            ->because('Cold water: fish want fewer, bigger meals, ‹4 to 5 in|four to five inches› on a bladed jig.');

        yield $long('T8.cold.other', 4)->for(LureKind::Jig, LureKind::SwimJig)
            ->when(cold(), forageLengthUnknown(), not(season(Season::Fall)))
            ->because('Cold water and no forage length given: a bigger meal, ‹4 in|four inches›.');

        yield $long('T8.mild', 3)->for(LureKind::SwimJig, LureKind::Spinnerbait, LureKind::BladedJig)->special()
            ->when(surface()->between(60, 65), not(season(Season::Fall)))
            ->because('Water ‹of 60 to 65 °F|in the low to mid sixties›: go down to a thin ‹3 in|three inches›.');

        yield $long('house.mild', 3)->for(LureKind::Jig)->special()
            ->when(
                surface()->between(60, 65),
                not(season(Season::Fall)),
                any(forageLengthUnknown(), forageLength()->atLeast(inches(1.5))),
            )
            ->because('Water ‹of 60 to 65 °F|in the low to mid sixties›: a thin ‹3 in|three inches› on a jig too.');

        yield $long('T8.fall', 3)->with('X6')->special()
            ->when(season(Season::Fall), any(forageLengthUnknown(), forageLength()->inside(inches(2.5), inches(4))))
            ->because('Fall: a small trailer, ‹2.5 to 3.5 in|two and a half to three and a half inches›.');

        yield $long('T8.fall.tiny', 2.5)->with('X6')->for(...$plastic)->special()
            ->when(season(Season::Fall), forageLength()->atMost(inches(2.5)))
            ->because('Fall and tiny forage: the shortest trailer.');

        yield $long('S17.length', 5)->for(LureKind::BladedJig)->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::None))
            ->because('A ‹5 in|five-inch› swimbait takes the place of the skirt.');

        yield $long('house.small', 3)->for(LureKind::Spinnerbait)->special()
            ->when(bite(Bite::Tough), not(cold()), any(forageLengthUnknown(), forageLength()->over(inches(3))))
            ->because('A tough bite: a small trailer for a small strike window.');

        yield $long('T5.tiny', 3)->with('X6', 'F9')->for(LureKind::Spinnerbait)->special()
            ->when(forageLength()->atMost(inches(3)))
            ->because('Tiny forage: the ‹3 in|three-inch› grub, the shortest there is.');

        yield $long('T8.tiny', 2.5)->with('F9')->for(LureKind::Jig, LureKind::SwimJig, LureKind::BladedJig)->special()
            ->when(forageLength()->atMost(inches(2.5)), not(cold()))
            ->because('Tiny forage: the shortest trailer.');
    }

    /** @return \Generator<int, Rule> */
    private static function rig(): \Generator
    {
        yield rule('house.rig')->fallback()
            ->pick(Trailer::any()->rig(Rig::Upright))
            ->because('Threaded upright (a default of this program).');

        yield rule('T4.side')->with('K2')
            ->when(settled(Slot::TrailerStyle, TrailerStyle::TwinTailGrub), forage(Forage::Shad, Forage::Unknown))
            ->pick(Trailer::any()->rig(Rig::OnSide))
            ->because('On its side, the tails flap like a fish’s tail, so that it passes for a shad.');

        yield rule('T5.curl')->with('K2')
            ->when(settled(Slot::TrailerStyle, TrailerStyle::SingleTailGrub, TrailerStyle::Ringworm))
            ->pick(Trailer::any()->rig(Rig::CurlAway))
            ->because('The tail curls away from the hook bend.');
    }

    /** @return \Generator<int, Rule> */
    private static function bellyShape(): \Generator
    {
        yield rule('house.belly_shape')->fallback()
            ->pick(Trailer::any()->bellyShape(BellyShape::Any))
            ->because('Any belly shape works (a default of this program).');

        yield rule('T1.flat')->with('K2', 'R1')->for(LureKind::Jig, LureKind::SwimJig)
            ->when(cover(Cover::Dock, Cover::Wood))
            ->pick(Trailer::any()->bellyShape(BellyShape::Flat))
            ->because('Docks and trees: a flat belly skips under them.');

        yield rule('T9.wide')->with('K2', 'R4')->for(LureKind::BladedJig)
            ->when(cover(Cover::Wood, Cover::FloodedBrush, Cover::Rock))
            ->pick(Trailer::any()->bellyShape(BellyShape::Wide))
            ->because('Wood and rock: a wide base keeps the lure upright.');
    }
}
