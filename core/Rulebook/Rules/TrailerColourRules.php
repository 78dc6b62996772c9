<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\Surface;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\StainedTrailerSchool;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Claim;
use Kontrast\Rulebook\Part\Trailer;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\beforeTheSpawn;
use function Kontrast\Rulebook\cloudy;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\eats;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\followedRed;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\gloomy;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\oneTone;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\seen;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\skipsRed;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\stained;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\toughAndCalm;
use function Kontrast\Rulebook\turnedCrawfish;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** The trailer's colors and surface, once the pairing and the skirt are settled. */
final class TrailerColourRules
{
    /**
     * What a skirt takes beside it, by pairing: a shade off for tonal, a hard partner for contrast, a fleck for accent.
     * The partners are the trade's where it names any (P1, P3, P5); for the other colors they are chosen after the same pattern.
     * A skirt that the rules never advise with a pairing has no partner for it.
     */
    private const PARTNERS = [
        'white' => ['tonal' => 'pearl', 'contrast' => 'chartreuse', 'accent' => 'chartreuse'],
        'pearl' => ['tonal' => 'smoke', 'accent' => 'smoke'],
        'smoke' => ['tonal' => 'pearl', 'accent' => 'blue'],
        'chartreuse' => ['tonal' => 'yellow', 'contrast' => 'green_pumpkin', 'accent' => 'green_pumpkin'],
        'yellow' => ['tonal' => 'chartreuse', 'contrast' => 'black', 'accent' => 'orange'],
        'gold' => ['contrast' => 'black', 'accent' => 'orange'],
        'green_pumpkin' => ['tonal' => 'watermelon', 'contrast' => 'orange', 'accent' => 'orange'],
        'brown' => ['tonal' => 'green_pumpkin', 'accent' => 'orange'],
        'black' => ['tonal' => 'blue', 'contrast' => 'bright_blue', 'accent' => 'blue'],
        'orange' => ['contrast' => 'black', 'accent' => 'black'],
    ];

    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::byPairing();
        yield from self::special();
        yield from self::byForage();
        yield from self::decided();
        yield from self::surface();
    }

    /** @return \Generator<int, Rule> */
    private static function byPairing(): \Generator
    {
        yield rule('P2.trailer')->with('P1')
            ->when(settled(Slot::Pairing, Pairing::Match))
            ->pick(Trailer::likeTheSkirt())
            ->because('One tone: the trailer has the colors of the skirt.');

        yield rule('P3.trailer')
            ->when(settled(Slot::Pairing, Pairing::Accent))
            ->pick(Trailer::inTheSkirtsBase())
            ->because('The trailer stays in the color family of the skirt, with one different color as an accent.');

        yield rule('house.trailer')->fallback()->when(not(settled(Slot::SkirtForm, SkirtForm::None)))
            ->pick(Trailer::inTheSkirtsBase())
            ->because('No other color goes better with this skirt (a default of this program).');

        foreach (self::PARTNERS as $skirt => $partners) {
            foreach ($partners as $pairing => $partner) {
                yield self::partner(Pairing::from($pairing), Colour::from($skirt), Colour::from($partner));
            }
        }
    }

    private static function partner(Pairing $pairing, Colour $skirt, Colour $partner): Rule
    {
        $beside = [settled(Slot::Pairing, $pairing), settled(Slot::SkirtBase, $skirt)];

        return Pairing::Accent === $pairing
            ? rule("P3.accent.{$skirt->value}")->when(...$beside, ...[not(settled(Slot::SkirtForm, SkirtForm::None))])
                ->pick(Trailer::any()->accent($partner))
                ->because('A fleck that goes with this skirt.')
            : rule("P1.{$pairing->value}.{$skirt->value}")->when(...$beside)
                ->pick(Trailer::of($partner))
                ->because(Pairing::Tonal === $pairing ? 'One shade away from the skirt, no more.' : 'The color that stands out most '
                    .'against this '
                    .'skirt.');
    }

    /** @return \Generator<int, Rule> */
    private static function special(): \Generator
    {
        yield rule('S6.trailer')->for(LureKind::Jig)->special()
            ->when(
                settled(Slot::Pairing, Pairing::Contrast),
                settled(Slot::SkirtBase, Colour::Brown),
                surface()->between(45, 55),
                cover(Cover::Rock, Cover::Dock, Cover::Wood),
                visibility()->between(feet(1.5), feet(3.5)),
            )
            ->pick(Trailer::of(Colour::Blue))
            ->notPick(Trailer::any()->accent(Colour::Orange))
            ->because('Cold rock before spring: a solid blue trailer behind brown and orange; ‹2 ft|two feet› of visibility is ideal.');

        yield rule('X8.trailer')->with('P1')->special()
            ->when(
                settled(Slot::Pairing, Pairing::Contrast),
                settled(Slot::SkirtBase, Colour::Black),
                any(season(Season::EarlySpring), all(forage(Forage::Bluegill), cover(Cover::FloodedBrush))),
                not(forage(Forage::Shad)),
            )
            ->pick(Trailer::of(Colour::Orange))
            ->because('Dirty water before the spawn, or sunfish in flooded brush: the opposite, loud color behind a black body.');

        yield rule('F4.claws')->with('S20')->for(LureKind::Jig)->special()
            ->when(
                forage(Forage::Crawfish),
                settled(Slot::SkirtBase, Colour::Black),
                visibility()->between(inches(6), feet(3)),
                not(settled(Slot::Pairing, Pairing::Match)),
                not(followedRed()),
                not(beforeTheSpawn()),
            )
            ->pick(Trailer::of(Colour::GreenPumpkin))
            ->because('Crawfish with a dark shell have lighter claws: a green pumpkin trailer behind black and blue.');

        yield rule('F4.pincers')
            ->when(
                forage(Forage::Crawfish),
                settled(Slot::SkirtBase, Colour::Black, Colour::Brown),
                settled(Slot::Pairing, Pairing::Contrast, Pairing::Accent),
                not(settled(Slot::SkirtForm, SkirtForm::None)),
            )
            ->pick(Trailer::any()->accent(Colour::Orange))
            ->because('Crawfish have brighter tips on dark pincers.');

        yield rule('F5.trailer')->with('X3')->special()
            ->when(turnedCrawfish(), not(skipsRed()), not(settled(Slot::Pairing, Pairing::Match)))
            ->pick(Trailer::any()->accent(Colour::Red))
            ->because('Crawfish that have turned red: red in the claws too.');

        yield rule('P3.red')->school(PairingSchool::ForageMix)->special()
            ->when(
                settled(Slot::SkirtBase, Colour::GreenPumpkin),
                not(forage(Forage::Shad)),
                not(settled(Slot::Pairing, Pairing::Match)),
            )
            ->pick(Trailer::of(Colour::Watermelon)->accent(Colour::Red))
            ->notPick(Trailer::any()->accent(Colour::Orange))
            ->because('Green pumpkin skirt, watermelon trailer with red flake: the same color family with a different fleck.');

        foreach ([Colour::Blue, Colour::BrightBlue] as $blue) {
            yield rule('F7.trailer.'.$blue->value)->with('P3')->special()
                ->when(seen($blue), settled(Slot::Pairing, Pairing::Accent, Pairing::Tonal, Pairing::Contrast))
                ->pick(Trailer::any()->accent($blue))
                ->because('Blue on the forage goes into the trailer.');
        }

        yield rule('P4')->with('X10')->for(LureKind::BladedJig, LureKind::SwimJig)->special()
            ->when(
                visibility()->atLeast(feet(3)),
                forage(Forage::Shad),
                settled(Slot::SkirtOpacity, Opacity::Translucent),
                any(sky(Sky::Overcast, Sky::Rain), wind(Wind::Chop)),
                not(oneTone()),
                not(toughAndCalm()),
            )
            ->pick(Trailer::of(Colour::White)->surface(Surface::Matte)->opacity(Opacity::Opaque))
            ->because('Clouds or wind over clear shad water: keep the see-through skirt and put a matte white trailer behind it.');

        $stainedShad = static fn (string $id): Rule => rule($id)->with('P5')->for(LureKind::SwimJig, LureKind::BladedJig)
            ->when(forage(Forage::Shad), stained(), not(settled(Slot::SkirtForm, SkirtForm::None)), not(toughAndCalm()));

        yield $stainedShad('D7.plain')->school(StainedTrailerSchool::Plain)->special()
            ->pick(Trailer::of(Colour::White))
            ->notPick(...self::noAccents())
            ->claims(Claim::PlainTrailer)
            ->because('Stained shad water: you keep the trailer plain white.');

        yield $stainedShad('D7.open')->school(StainedTrailerSchool::Open)
            ->when(gloomy(), not(settled(Slot::SkirtBase, Colour::White, Colour::Pearl)))
            ->pick(Trailer::of(Colour::White))
            ->because('Stained shad water without sun: a white trailer is one of the two answers.');

        yield $stainedShad('D7.two_tone')->school(StainedTrailerSchool::TwoTone)->special()
            ->pick(Trailer::any()->accent(Colour::GreenPumpkin))
            ->notPick(Trailer::any()->accent(Colour::Chartreuse))
            ->because('Stained shad water: you put a two-tone trailer behind it, bright with green pumpkin.');

        yield $stainedShad('D7.same')->school(StainedTrailerSchool::Same)->special()
            ->pick(Trailer::likeTheSkirt())
            ->notPick(Trailer::any()->accent(Colour::GreenPumpkin))
            ->because('Stained shad water: you keep the trailer in the color of the skirt.');

        yield rule('P5.two_tone')
            ->when(
                settled(Slot::SkirtBase, Colour::White, Colour::Chartreuse),
                settled(Slot::Pairing, Pairing::Accent, Pairing::Contrast),
                not(settled(Slot::SkirtForm, SkirtForm::None)),
            )
            ->pick(Trailer::any()->accent(Colour::GreenPumpkin))
            ->because('Stained water: a two-tone trailer, bright with green pumpkin.');

        yield rule('S17.colour')->with('K1')->for(LureKind::BladedJig)->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::None), cover(Cover::Grass))
            ->pick(Trailer::of(Colour::Watermelon)->over(Colour::Pearl))
            ->because('Grass: a watermelon back over a pearl belly looks like both shad and sunfish.');

        yield rule('S17.shad')->with('K1', 'S26')->for(LureKind::BladedJig)->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::None), not(cover(Cover::Grass)))
            ->pick(Trailer::of(Colour::Smoke)->over(Colour::Pearl))
            ->because('Without a skirt the swimbait wears the colors of shad: a smoke back over a pearl belly.');
    }

    /** @return list<Trailer> */
    private static function noAccents(): array
    {
        return array_map(static fn (Colour $colour): Trailer => Trailer::any()->accent($colour), Colour::cases());
    }

    /** @return \Generator<int, Rule> */
    private static function byForage(): \Generator
    {
        yield rule('F11.mixed')->special()
            ->when(
                eats(Forage::Shad),
                eats(Forage::Bluegill),
                visibility()->atLeast(feet(1.5)),
                not(settled(Slot::Pairing, Pairing::Match)),
                not(settled(Slot::SkirtForm, SkirtForm::None)),
            )
            ->pick(Trailer::of(Colour::GreenPumpkin)->accent(Colour::Blue, Colour::White)->surface(Surface::Flake))
            ->notPick(Trailer::any()->accent(Colour::Orange))
            ->because('Both shad and sunfish: green pumpkin with blue, white and a little flake looks like either.');
    }

    /** @return \Generator<int, Rule> */
    private static function decided(): \Generator
    {
        yield rule('S7.trailer')->for(LureKind::Jig)->special()
            ->when(visibility()->over(feet(5)), not(forage(Forage::Shad)), settled(Slot::Pairing, Pairing::Match))
            ->pick(Trailer::of(Colour::GreenPumpkin))
            ->claims(Claim::PlainTrailer)
            ->because('Over ‹5 ft|five feet› of visibility: the trailer is the same plain green pumpkin.');
    }

    /** @return \Generator<int, Rule> */
    private static function surface(): \Generator
    {
        yield rule('P5.flake')->with('W5')
            ->when(visibility()->atLeast(feet(3)), sunny())
            ->pick(Trailer::any()->surface(Surface::Flake)->opacity(Opacity::Translucent))
            ->because('Clear water and sun: see-through plastic with flake.');

        yield rule('P5.matte')
            ->when(gloomy())
            ->pick(Trailer::any()->surface(Surface::Matte))
            ->because('Clouds: flake has nothing to reflect, so use plain, matte plastic.');

        yield rule('house.surface')->fallback()
            ->pick(Trailer::any()->surface(Surface::Matte)->opacity(Opacity::Opaque))
            ->because('Plain, solid plastic (a default of this program).');

        yield rule('X2.matte')->with('W6')->deciding()->when(toughAndCalm())
            ->pick(Trailer::any()->surface(Surface::Matte))
            ->because('A tough bite without wind: nothing that sparkles.');

        yield rule('W3.trailer')
            ->when(visibility()->under(feet(3)))
            ->pick(Trailer::any()->opacity(Opacity::Opaque))
            ->because('Stained or dirty water: solid plastic.');

        yield rule('T8.see_through')->with('X7')->special()
            ->when(season(Season::Fall), visibility()->atLeast(feet(2)))
            ->pick(Trailer::any()->opacity(Opacity::Translucent))
            ->because('Fall trailers are small and see-through.');

        yield rule('P7')->special()
            ->when(
                cover(Cover::Dock),
                cloudy(),
                settled(Slot::SkirtBase, Colour::White, Colour::Pearl),
                visibility()->atLeast(feet(1.5)),
            )
            ->pick(Trailer::any()->opacity(Opacity::Translucent))
            ->because('Low light under docks: a see-through trailer behind the white skirt.');
    }
}
