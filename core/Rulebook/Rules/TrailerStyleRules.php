<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Run;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Part\Trailer;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\bite;
use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\forageLength;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\run;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\visibility;

/** Whether a trailer goes on, in which outline and how long. */
final class TrailerStyleRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::fitted();
        yield from self::style();
        yield from self::length();
    }

    /** @return \Generator<int, Rule> */
    private static function fitted(): \Generator
    {
        yield rule('P4.always')->for(LureKind::Jig, LureKind::SwimJig, LureKind::BladedJig)
            ->pick(Trailer::fitted())
            ->because('The trailer is most of what the fish gets to see.');

        yield rule('T6.warm')->for(LureKind::Spinnerbait)->fallback()
            ->pick(Trailer::fitted(false))
            ->because('Neither cold nor dirty: the bare skirt swims freer.');

        yield rule('T6.cold')->for(LureKind::Spinnerbait)
            ->when(cold())
            ->pick(Trailer::fitted())
            ->because('Cold water wants the bulk and the slower fall of a trailer.');

        yield rule('T6.dirty')->for(LureKind::Spinnerbait)
            ->when(visibility()->under(feet(1.5)))
            ->pick(Trailer::fitted())
            ->because('Dirty water wants the bulk and the extra stir of a trailer.');

        yield rule('S16')->for(LureKind::Spinnerbait)->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::LongTail))
            ->pick(Trailer::fitted(false))
            ->because('A long-tail skirt is its own trailer.');
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

        yield $say('T5', TrailerStyle::SingleTailGrub, LureKind::Spinnerbait)
            ->because('A single-tail grub is the spinnerbait’s trailer: bulk, less speed, a tail that works. Curl away from the '
                .'hook bend.');

        yield $say('T5.ringworm', TrailerStyle::Ringworm, LureKind::Spinnerbait)->special()
            ->when(bite(Bite::Tough))
            ->because('A thin ringworm adds the least commotion on a hard day.');

        yield $say('T1', TrailerStyle::Craw, LureKind::Jig, ...$wound)
            ->when(forage(Forage::Crawfish))
            ->because('Busy claws for a crawfish; they lift and drag, and keep the lure up.');

        yield $say('T1.dirty', TrailerStyle::Craw, LureKind::Jig, ...$wound)
            ->when(visibility()->under(feet(1.5)))
            ->because('Busy claws push water, which is what dirty water wants.');

        yield $say('T1.high', TrailerStyle::Craw, ...$wound)
            ->when(run(Run::High), not(forage(Forage::Shad)))
            ->because('Claws add lift, to hold the lure up.');

        yield $say('T1.dock', TrailerStyle::Craw, LureKind::Jig)
            ->when(cover(Cover::Dock))
            ->because('A craw with a flat belly skips under docks; with a screw-lock keeper it stays on.')
            ->with('T11');

        yield $say('T2', TrailerStyle::PaddleTail, ...$wound)
            ->when(forage(Forage::Shad, Forage::GoldenShiner, Forage::Perch, Forage::Crappie))
            ->because('A paddle tail swims low and steady like a baitfish, and thumps a little.');

        yield $say('T2.low', TrailerStyle::PaddleTail, ...$wound)
            ->when(run(Run::Low))
            ->because('A paddle tail lifts less, so the lure keeps down.');

        yield $say('T3', TrailerStyle::ForkTail, ...$wound)->special()
            ->when(forage(Forage::Shad, Forage::GoldenShiner), visibility()->over(feet(4)))
            ->because('Clear water: a slender fork-tail has a baitfish’s line and nothing to give it away.');

        yield $say('T3.fall', TrailerStyle::ForkTail, ...$wound)
            ->when(forage(Forage::Shad), season(Season::Fall), visibility()->over(feet(3)))
            ->because('In fall, too, a slender fork-tail passes for the shad they chase.');

        yield $say('T4', TrailerStyle::TwinTailGrub, ...$wound)
            ->when(forage(Forage::Bluegill))
            ->because('Twin flat tails have a sunfish’s look, and lift less than a craw. Turned on its side the tails flap like a fish’s.');

        yield $say('T7', TrailerStyle::Chunk, LureKind::Jig)
            ->when(cold())
            ->because('A chunk hardly moves, which is right for cold water.');

        yield $say('T7.jig', TrailerStyle::Chunk, LureKind::Jig)->fallback()
            ->because('The jig’s plain old trailer.');

        yield $say('house.style.wound', TrailerStyle::PaddleTail, ...$wound)->fallback()
            ->because('A paddle tail serves where nothing else is asked for (a default of this program).');

        yield $say('T9', TrailerStyle::Craw, LureKind::BladedJig)->special()
            ->when(cover(Cover::Wood, Cover::FloodedBrush), not(forage(Forage::Shad)))
            ->because('A wide-based trailer keeps a bladed jig from rolling over in timber.');

        yield $say('S17.trailer', TrailerStyle::PaddleTail, LureKind::BladedJig)->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::None))
            ->because('Without a skirt the swimbait is the lure.');
    }

    /** @return \Generator<int, Rule> */
    private static function length(): \Generator
    {
        $long = static fn (string $id, float $inches): Rule => rule($id)->pick(Trailer::any()->length(Length::inches($inches)));

        yield rule('T8.forage')
            ->pick(Trailer::asLongAsTheForage())
            ->because('The trailer is as long as the food.');

        yield $long('house.length', 3.5)->fallback()
            ->because('No food length given: a middling trailer (a default of this program).');

        yield $long('T8.cold', 4.5)->special()
            ->when(cold(), not(surface()->over(55)), not(season(Season::Fall)))
            ->because('Cold fish want fewer, bigger meals: four to five inches.');

        yield $long('T8.mild', 3)->special()
            ->when(surface()->between(60, 66), not(season(Season::Fall)))
            ->because('In the low to middle sixties go down to a thin three inches.');

        yield $long('T8.fall', 3)->special()
            ->when(season(Season::Fall))
            ->because('Fall food is small: two and a half to three and a half inches.');

        yield $long('S17.length', 5)->for(LureKind::BladedJig)->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::None))
            ->because('The five-inch swimbait takes the skirt’s place.');

        yield $long('B2.short_grub', 3)->for(LureKind::Spinnerbait)->special()
            ->when(bite(Bite::Tough), not(cold()))
            ->because('A small trailer for a small strike window.')
            ->with('T5');

        yield $long('T8.tiny', 2.5)->special()
            ->when(forageLength()->under(inches(2.5)), not(cold()))
            ->because('The food is tiny: the shortest trailer poured.')
            ->with('F9');
    }
}
