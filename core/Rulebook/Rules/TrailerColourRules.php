<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Opacity;
use Kontrast\Lure\Pairing;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\Surface;
use Kontrast\Reading\Colour;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\PairingSchool;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Part\Trailer;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\gloomy;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\seen;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** The trailer's colours and skin, once the pairing and the skirt are settled. */
final class TrailerColourRules
{
    /**
     * What a skirt takes beside it, by pairing: a shade off for tonal, a hard partner for contrast, a fleck for accent.
     * The partners are the trade's where it names any (P1, P3, P5); for the other colours they are chosen after the same pattern.
     * A skirt that the book never advises with a pairing has no partner for it.
     */
    private const PARTNERS = [
        'white' => ['tonal' => 'pearl', 'contrast' => 'chartreuse', 'accent' => 'chartreuse'],
        'pearl' => ['tonal' => 'smoke', 'accent' => 'smoke'],
        'smoke' => ['tonal' => 'pearl', 'contrast' => 'white', 'accent' => 'blue'],
        'chartreuse' => ['tonal' => 'yellow', 'contrast' => 'green_pumpkin', 'accent' => 'green_pumpkin'],
        'yellow' => ['tonal' => 'chartreuse', 'contrast' => 'black', 'accent' => 'orange'],
        'gold' => ['tonal' => 'yellow', 'contrast' => 'black', 'accent' => 'orange'],
        'green_pumpkin' => ['tonal' => 'watermelon', 'contrast' => 'orange', 'accent' => 'orange'],
        'brown' => ['tonal' => 'green_pumpkin', 'accent' => 'orange'],
        'black' => ['tonal' => 'blue', 'contrast' => 'bright_blue', 'accent' => 'blue'],
    ];

    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::byPairing();
        yield from self::special();
        yield from self::skin();
    }

    /** @return \Generator<int, Rule> */
    private static function byPairing(): \Generator
    {
        yield rule('P2.trailer')->with('P1')
            ->when(settled(Slot::Pairing, Pairing::Match))
            ->pick(Trailer::likeTheSkirt())
            ->because('One tone: the trailer takes the skirt’s colours.');

        yield rule('P3.trailer')
            ->when(settled(Slot::Pairing, Pairing::Accent))
            ->pick(Trailer::inTheSkirtsBase())
            ->because('The trailer stays in the skirt’s family and carries the odd colour as an accent.');

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
                ->because('The fleck that goes with this skirt.')
            : rule("P1.{$pairing->value}.{$skirt->value}")->when(...$beside)
                ->pick(Trailer::of($partner))
                ->because(Pairing::Tonal === $pairing ? 'One shade off the skirt, no more.' : 'The colour that stands hardest off this '
                    .'skirt without leaving the trade’s pairs.');
    }

    /** @return \Generator<int, Rule> */
    private static function special(): \Generator
    {
        yield rule('S6.trailer')->for(LureKind::Jig)->special()
            ->when(
                settled(Slot::Pairing, Pairing::Contrast),
                settled(Slot::SkirtBase, Colour::Brown),
                surface()->between(45, 55),
                cover(Cover::Rock),
                visibility()->between(feet(1.5), feet(3.5)),
            )
            ->pick(Trailer::of(Colour::Blue))
            ->notPick(Trailer::any()->accent(Colour::Orange))
            ->because('Solid blue behind brown and orange: two feet of sight over cold rock is its best water.');

        yield rule('F4.pincers')
            ->when(
                forage(Forage::Crawfish),
                settled(Slot::SkirtBase, Colour::Black, Colour::Brown),
                settled(Slot::Pairing, Pairing::Contrast, Pairing::Accent),
                not(settled(Slot::SkirtForm, SkirtForm::None)),
            )
            ->pick(Trailer::any()->accent(Colour::Orange))
            ->because('Crawfish carry brighter tips on dark pincers.');

        yield rule('F5.trailer')
            ->when(
                settled(Slot::SkirtAccents, Colour::Red),
                forage(Forage::Crawfish),
                settled(Slot::Pairing, Pairing::Accent, Pairing::Contrast),
                not(settled(Slot::SkirtForm, SkirtForm::None)),
            )
            ->pick(Trailer::any()->accent(Colour::Red))
            ->because('The turned crawfish’s red belongs in the claws as well.');

        yield rule('P3.red')->school(PairingSchool::ForageMix)->special()
            ->when(settled(Slot::SkirtBase, Colour::GreenPumpkin), not(forage(Forage::Shad)))
            ->pick(Trailer::of(Colour::Watermelon)->accent(Colour::Red))
            ->notPick(Trailer::any()->accent(Colour::Orange))
            ->because('Green pumpkin skirt, watermelon trailer with red flake: the same family, an odd fleck.');

        foreach ([Colour::Blue, Colour::BrightBlue] as $blue) {
            yield rule('F7.trailer.'.$blue->value)->with('P3')->special()
                ->when(seen($blue), settled(Slot::Pairing, Pairing::Accent, Pairing::Tonal, Pairing::Contrast))
                ->pick(Trailer::any()->accent($blue))
                ->because('Blue in the food goes into the trailer.');
        }

        yield rule('P4')->for(LureKind::BladedJig, LureKind::SwimJig)->special()
            ->when(
                settled(Slot::SkirtOpacity, Opacity::Translucent),
                settled(Slot::SkirtBase, Colour::Smoke, Colour::Pearl, Colour::White),
                any(sky(Sky::Overcast, Sky::Rain), wind(Wind::Chop)),
                not(settled(Slot::Pairing, Pairing::Match)),
            )
            ->pick(Trailer::of(Colour::White))
            ->because('Cloud or wind has come up: keep the see-through skirt and put a white trailer behind it, rather than change the '
                .'lure.');

        yield rule('P5.two_tone')
            ->when(
                settled(Slot::SkirtBase, Colour::White, Colour::Chartreuse),
                settled(Slot::Pairing, Pairing::Accent, Pairing::Contrast),
                not(settled(Slot::SkirtForm, SkirtForm::None)),
            )
            ->pick(Trailer::any()->accent(Colour::GreenPumpkin))
            ->because('A two-tone trailer, bright with green pumpkin, keeps its shape in stain.');

        yield rule('S17.colour')->for(LureKind::BladedJig)->ruling()
            ->when(settled(Slot::SkirtForm, SkirtForm::None))
            ->pick(Trailer::of(Colour::Watermelon)->accent(Colour::Pearl))
            ->because('Watermelon back, pearl belly: around grass it passes for shad and for sunfish.');
    }

    /** @return \Generator<int, Rule> */
    private static function skin(): \Generator
    {
        yield rule('P5.flake')
            ->when(visibility()->over(feet(3)), sunny())
            ->pick(Trailer::any()->surface(Surface::Flake)->opacity(Opacity::Translucent))
            ->because('Clear water and sun: flake, and plastic that lets light through.');

        yield rule('P5.matte')
            ->when(gloomy())
            ->pick(Trailer::any()->surface(Surface::Matte))
            ->because('Under cloud flake has nothing to throw back: plain and matte.');

        yield rule('house.skin')->fallback()
            ->pick(Trailer::any()->surface(Surface::Matte)->opacity(Opacity::Opaque))
            ->because('Plain, solid plastic, unless something asks for more.');

        yield rule('W3.trailer')
            ->when(visibility()->under(feet(3)))
            ->pick(Trailer::any()->opacity(Opacity::Opaque))
            ->because('Dirtier water, solider plastic.');

        yield rule('T8.see_through')
            ->when(season(Season::Fall), visibility()->over(feet(2.5)))
            ->pick(Trailer::any()->opacity(Opacity::Translucent))
            ->because('Fall trailers are small and see-through.');

        yield rule('P7')->special()
            ->when(cover(Cover::Dock), sky(Sky::LowSun, Sky::Overcast, Sky::Rain), settled(Slot::SkirtBase, Colour::White, Colour::Pearl))
            ->pick(Trailer::any()->opacity(Opacity::Translucent))
            ->because('Low light under docks: a see-through trailer behind the white skirt.');
    }
}
