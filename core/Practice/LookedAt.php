<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Logbook\PairedColours;
use Kontrast\Lure\Build;
use Kontrast\Lure\LureSet;
use Kontrast\Rulebook\Slot;

/** What a pick comes to in a lure that somebody put together, told by its parts alone. */
final class LookedAt
{
    private const NONE = 'none';

    /** @throws \LogicException for a pick that Quiz does not ask for */
    public static function in(Build $build, Slot $slot): string
    {
        $blade = $build->rearBlade();

        return match ($slot) {
            Slot::Set => match (true) {
                null === $blade => self::NONE,
                // Metal under black ink shines no longer (B8).
                $blade->darkened => LureSet::Dull->value,
                default => LureSet::of($blade->finish, $build->skirt?->base)->value,
            },
            Slot::Pairing => PairedColours::judge($build->skirt, $build->trailer)->value ?? self::NONE,
            Slot::Weight => $build->head->weight->label(),
            Slot::BladeLayout => (string) \count($build->blades),
            // A metal under black ink is another finish to the eye.
            Slot::Finish => null === $blade ? self::NONE : $blade->finish->value.($blade->darkened ? ', inked' : ''),
            Slot::MainShape => $blade->shape->value ?? self::NONE,
            Slot::SkirtForm => $build->skirt->trim->value ?? self::NONE,
            Slot::SkirtBase => $build->skirt->base->value ?? self::NONE,
            Slot::SkirtMaterial => $build->skirt->material->value ?? self::NONE,
            Slot::TrailerFitted => null === $build->trailer ? self::NONE : 'one',
            Slot::TrailerStyle => $build->trailer->style->value ?? self::NONE,
            Slot::TrailerBase => $build->trailer->base->value ?? self::NONE,
            default => throw new \LogicException("$slot->value is not asked for."),
        };
    }
}
