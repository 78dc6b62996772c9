<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\BladeLayout;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Profile;
use Kontrast\Reading\Arm;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Part\Blades;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\arm;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\season;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\visibility;

/** How many blades, in which outline and size. */
final class BladeShapeRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield rule('house.bladed_jig')->for(LureKind::BladedJig)
            ->pick(Blades::main(BladeShape::BladedJig))
            ->because('The plate that makes a bladed jig what it is.');

        yield from self::sizes();
        yield from self::layout();
    }

    /** @return \Generator<int, Rule> */
    private static function sizes(): \Generator
    {
        // The trade gives a span of sizes to a profile; which of the span hangs behind and which in front is chosen.
        foreach ([[Profile::Small, 3, 1], [Profile::Regular, 4, 2], [Profile::Big, 6, 3]] as [$profile, $main, $front]) {
            yield rule('B2.'.$profile->value)->for(LureKind::Spinnerbait)
                ->when(settled(Slot::Profile, $profile))
                ->pick(Blades::sizes($main, $front))
                ->because('The blade stands for the food itself, so its size goes with it.');
        }
        foreach ([[Profile::Small, 2], [Profile::Regular, 3], [Profile::Big, 4]] as [$profile, $size]) {
            yield rule('B2.bladed_jig.'.$profile->value)->for(LureKind::BladedJig)
                ->when(settled(Slot::Profile, $profile))
                ->pick(Blades::size($size))
                ->because('The plate grows and shrinks with the food.');
        }
    }

    /** @return \Generator<int, Rule> */
    private static function layout(): \Generator
    {
        $spinnerbait = static fn (string $id): Rule => rule($id)->for(LureKind::Spinnerbait);

        yield $spinnerbait('house.layout')->fallback()
            ->pick(Blades::layout(BladeLayout::Tandem))
            ->because('Two blades, the everyday arrangement (a default of this program).');

        yield $spinnerbait('B1.flash')
            ->when(visibility()->over(feet(3)))
            ->pick(Blades::main(BladeShape::Willow), Blades::front(BladeShape::Willow))
            ->because('Where they hunt by eye the long blades flash most and thump least.');

        yield $spinnerbait('B1.between')
            ->when(visibility()->between(feet(1.5), feet(3)))
            ->pick(Blades::main(BladeShape::Willow), Blades::front(BladeShape::Colorado))
            ->because('Stain wants both: a round blade to be felt, a long one to be seen.');

        yield $spinnerbait('B1.indiana')
            ->when(visibility()->between(feet(1.5), feet(2)), forage(Forage::Bluegill, Forage::Perch, Forage::Crappie))
            ->pick(Blades::main(BladeShape::Indiana))
            ->because('A blade between round and long, about as deep-bodied as a sunfish.');

        yield $spinnerbait('B1.thump')
            ->when(visibility()->under(feet(1.5)))
            ->pick(Blades::main(BladeShape::Colorado), Blades::front(BladeShape::Colorado))
            ->because('They find it by feel here, and round blades thump hardest.');

        yield $spinnerbait('B10.mud')->special()
            ->when(visibility()->under(inches(9)))
            ->pick(Blades::main(BladeShape::DeepColorado, 5), Blades::front(BladeShape::Colorado, 2))
            ->because('The standing pair for mud: a small round blade ahead of a deep-cupped #5.');

        yield $spinnerbait('B10.big_shad')->with('S22')->special()
            ->when(
                forage(Forage::Shad),
                season(Season::LateWinter, Season::EarlySpring),
                settled(Slot::Profile, Profile::Big),
                visibility()->over(inches(9)),
            )
            ->pick(Blades::main(BladeShape::Willow, 5), Blades::front(BladeShape::Colorado, 2))
            ->because('Big winter-weakened shad: a long #5 behind a small round one.');

        yield $spinnerbait('B11')->ruling()
            ->when(arm(Arm::Short))
            ->pick(Blades::layout(BladeLayout::Single), Blades::main(BladeShape::Colorado, 6))
            ->because('A short arm has room for one big blade, for slow rolling and dropping.');
    }
}
