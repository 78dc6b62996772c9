<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeLayout;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Profile;
use Kontrast\Reading\Forage;
use Kontrast\Rulebook\Part\Blades;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

use function Kontrast\Rulebook\arm;
use function Kontrast\Rulebook\beforeTheSpawn;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forage;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\muddy;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\stained;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\visibility;

/** How many blades, in which outline and size. */
final class BladeShapeRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield rule('house.bladed_jig')->for(LureKind::BladedJig)
            ->pick(Blades::main(BladeShape::BladedJig))
            ->because('Every bladed jig has this blade.');

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
                ->because('The blade stands for the baitfish, so its size goes with the forage.');
        }
        foreach ([[Profile::Small, 2], [Profile::Regular, 3], [Profile::Big, 4]] as [$profile, $size]) {
            yield rule('B2.bladed_jig.'.$profile->value)->for(LureKind::BladedJig)
                ->when(settled(Slot::Profile, $profile))
                ->pick(Blades::size($size))
                ->because('The blade grows and shrinks with the forage.');
        }
    }

    /** @return \Generator<int, Rule> */
    private static function layout(): \Generator
    {
        $spinnerbait = static fn (string $id): Rule => rule($id)->for(LureKind::Spinnerbait);

        yield $spinnerbait('house.layout')->fallback()
            ->pick(Blades::layout(BladeLayout::Tandem))
            ->because('Two blades, the common arrangement (a default of this program).');

        yield $spinnerbait('B1.flash')
            ->when(visibility()->atLeast(feet(3)))
            ->pick(Blades::main(BladeShape::Willow), Blades::front(BladeShape::Willow))
            ->because('Clear water: fish hunt by eye, and willow blades flash most.');

        yield $spinnerbait('B1.between')
            ->when(stained())
            ->pick(Blades::main(BladeShape::Willow), Blades::front(BladeShape::Colorado))
            ->because('Stained water: a Colorado adds vibration and a willow adds flash.');

        yield $spinnerbait('B1.indiana')->with('B10')
            ->when(visibility()->between(feet(1.5), feet(2)), forage(Forage::Bluegill, Forage::Perch, Forage::Crappie))
            ->pick(Blades::main(BladeShape::Indiana), Blades::front(BladeShape::Colorado))
            ->because('Stained water and deep-bodied forage: an Indiana is between round and long.');

        yield $spinnerbait('B1.thump')
            ->when(visibility()->under(feet(1.5)))
            ->pick(Blades::main(BladeShape::Colorado), Blades::front(BladeShape::Colorado))
            ->because('Dirty water: fish find the lure by feel, and Colorado blades thump hardest.');

        yield $spinnerbait('B10.mud')->with('W4')->special()
            ->when(visibility()->under(feet(1)))
            ->pick(Blades::main(BladeShape::DeepColorado, 5), Blades::front(BladeShape::Colorado, 2))
            ->because('Muddy or very stained water: a small #2 Colorado in front, a deep-cup #5 Colorado behind.');

        yield $spinnerbait('B10.mud.sun')->with('T12')->special()
            ->when(muddy(), sunny())
            ->pick(Blades::main(BladeShape::Indiana, 5), Blades::front(BladeShape::Colorado, 2))
            ->because('Mud and sun: an Indiana behind a Colorado, one gold and one silver.');

        yield $spinnerbait('B10.big_shad')->with('S22')->special()
            ->when(forage(Forage::Shad), beforeTheSpawn(), settled(Slot::Profile, Profile::Big), visibility()->atLeast(inches(9)))
            ->pick(Blades::main(BladeShape::Willow, 5), Blades::front(BladeShape::Colorado, 2))
            ->because('Big shad dying after the winter: a #5 willow behind a #2 Colorado.');

        yield $spinnerbait('B11')->ruling()
            ->when(arm(Arm::Short))
            ->pick(Blades::layout(BladeLayout::Single), Blades::main(BladeShape::Colorado, 6))
            ->because('A short arm carries one big blade, for slow rolling and dropping.');
    }
}
