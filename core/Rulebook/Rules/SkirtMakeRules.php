<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Opacity;
use Kontrast\Lure\Profile;
use Kontrast\Lure\SkirtForm;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Reading\Colour;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Part\Skirt;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\visibility;

/** Whether there is a skirt, how it is cut, what it is made of and whether light comes through it. */
final class SkirtMakeRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield from self::form();
        yield from self::opacity();
        yield from self::material();
    }

    /** @return \Generator<int, Rule> */
    private static function form(): \Generator
    {
        yield rule('S15')
            ->pick(Skirt::form(SkirtForm::Trimmed))
            ->because('Cut at the bend of the hook: longer strands keep the water off the trailer, shorter ones flare and pulse.');

        yield rule('S17')->for(LureKind::BladedJig)->special()
            ->when(cover(Cover::Grass), season(Season::LateWinter, Season::EarlySpring, Season::Fall))
            ->pick(Skirt::form(SkirtForm::None))
            ->because('In the cold months around grass a bare bladed jig with a five-inch swimbait drags less and makes the bigger meal.');

        yield rule('S22.form')->with('S16')->for(LureKind::Spinnerbait)->special()
            ->when(
                forage(Forage::Shad),
                season(Season::LateWinter, Season::EarlySpring),
                settled(Slot::Profile, Profile::Big),
                visibility()->over(inches(9)),
            )
            ->pick(Skirt::form(SkirtForm::LongTail))
            ->because('A long-tail skirt gives a big shad its length without a trailer.');
    }

    /** @return \Generator<int, Rule> */
    private static function opacity(): \Generator
    {
        yield rule('S8.translucent')->with('W3')
            ->when(visibility()->over(feet(3)), forage(Forage::Shad, Forage::Crappie, Forage::GoldenShiner))
            ->pick(Skirt::any()->opacity(Opacity::Translucent))
            ->because('Baitfish let light through, and clear water lets the fish see that.');

        yield rule('W3.translucent')
            ->when(visibility()->over(feet(5)))
            ->pick(Skirt::any()->opacity(Opacity::Translucent))
            ->because('The clearer the water the lighter and more see-through.');

        yield rule('W3.opaque')->with('S8')
            ->when(visibility()->under(feet(3)))
            ->pick(Skirt::any()->opacity(Opacity::Opaque))
            ->because('What is see-through vanishes in this water: solid strands only.');

        yield rule('house.opacity')->fallback()
            ->pick(Skirt::any()->opacity(Opacity::Opaque))
            ->because('Solid strands, unless something asks for less.');

        yield rule('S8.black')->special()
            ->when(settled(Slot::SkirtBase, Colour::Black, Colour::Brown))
            ->pick(Skirt::any()->opacity(Opacity::Opaque))
            ->because('A dark skirt works by blocking light.');
    }

    /** @return \Generator<int, Rule> */
    private static function material(): \Generator
    {
        yield rule('S14.cold')
            ->when(cold(), not(visibility()->over(feet(5))))
            ->pick(Skirt::any()->material(SkirtMaterial::LivingRubber))
            ->because('Living rubber keeps flaring and moving when the water is cold.');

        yield rule('S14.clear')->with('S7')->special()
            ->when(visibility()->over(feet(5)))
            ->pick(Skirt::any()->material(SkirtMaterial::Silicone))
            ->because('Fine silicone is for very clear water.');

        yield rule('S14.patterned')->special()
            ->when(settled(Slot::SkirtOpacity, Opacity::Translucent))
            ->pick(Skirt::any()->material(SkirtMaterial::Silicone))
            ->because('See-through strands are only to be had in silicone.');

        yield rule('S18.material')->for(LureKind::Spinnerbait)->special()
            ->when(visibility()->under(inches(8)), surface()->under(50))
            ->pick(Skirt::any()->material(SkirtMaterial::LivingRubber))
            ->because('Cold and muddy is rubber’s own water.');

        yield rule('house.material')->fallback()
            ->pick(Skirt::any()->material(SkirtMaterial::Silicone))
            ->because('Silicone, the everyday strand (a default of this program).');
    }
}
