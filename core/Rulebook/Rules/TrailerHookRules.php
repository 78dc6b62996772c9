<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Rules;

use Kontrast\Lure\Arm;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Profile;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Condition\Settled;
use Kontrast\Rulebook\Part\Hook;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;

use function Kontrast\Rulebook\arm;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\density;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\settled;

/** The second hook on a spinnerbait: on or off, and how large. */
final class TrailerHookRules
{
    /** @return \Generator<int, Rule> */
    public static function all(): \Generator
    {
        yield rule('H1')->for(LureKind::Spinnerbait)
            ->pick(Hook::fitted())
            ->because('A trailer hook catches short strikes; use one about 70 percent of the time. Point it up, like the main hook.')
            ->with('H3');

        yield rule('H1.cover')->for(LureKind::Spinnerbait)->special()
            ->when(density(CoverDensity::Heavy), not(cover(Cover::Open)))
            ->pick(Hook::fitted(false))
            ->because('Heavy cover: a trailer hook mostly catches the cover.');

        yield rule('H1.short')->for(LureKind::Spinnerbait)->ruling()
            ->when(arm(Arm::Short))
            ->pick(Hook::fitted(false))
            ->because('A short-arm spinnerbait never has a trailer hook.');

        // Of the two sizes the trade gives to a weight the smaller goes with a small profile or the lighter head (chosen).
        yield rule('H2.light.small')->for(LureKind::Spinnerbait)->special()
            ->when(self::ounces(0.1875, 0.25, 0.375, 0.5), settled(Slot::Profile, Profile::Small))
            ->pick(Hook::aught(1))
            ->because('A light head and a short skirt: the hook must not reach past the strands.');

        yield rule('H2.light')->for(LureKind::Spinnerbait)
            ->when(self::ounces(0.1875, 0.25, 0.375, 0.5))
            ->pick(Hook::aught(2))
            ->because('It reaches to the end of the skirt and no further.');

        yield rule('H2.heavy')->for(LureKind::Spinnerbait)
            ->when(self::ounces(0.625, 0.75))
            ->pick(Hook::aught(3))
            ->because('‹5/8 oz|Five eighths of an ounce› and more: a larger trailer hook, still no longer than the skirt.');

        yield rule('H2.heaviest')->for(LureKind::Spinnerbait)
            ->when(self::ounces(1.0, 1.25, 1.5))
            ->pick(Hook::aught(4))
            ->because('The heaviest heads carry the largest, no longer than the skirt.');
    }

    private static function ounces(float ...$ounces): Condition
    {
        return new Settled(
            Slot::Weight,
            array_map(static fn (float $weight): Value => Value::of(Weight::ounces($weight)), array_values($ounces)),
        );
    }
}
