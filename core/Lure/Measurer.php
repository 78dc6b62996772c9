<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;

/** Works out the lengths of a build from its parts. */
final class Measurer
{
    /** A head is drawn as a body of revolution this much longer than high (chosen). */
    public const HEAD_ASPECT = 1.6;
    /** Strands of a long-tail skirt, from memory of what is sold. */
    public const LONG_TAIL_IN = 4.5;
    /**
     * The rear blade's loop ends about above the bend of the main hook on a long arm, and this share of the way on a short one (chosen).
     */
    private const SHORT_ARM_SHARE = 0.62;
    /** Strands trimmed at the bend are cut this much longer, since they flare (chosen). */
    public const FLARE_IN = 0.1;

    public static function measure(Build $build): Measures
    {
        $head = self::headLength($build->head->weight, $build->head->material);
        $hook = $build->head->hook ?? HookDimensions::forHead($build->head->weight);
        $shank = HookDimensions::shank($hook);
        $trailerHook = true === $build->trailerHook?->fit ? HookDimensions::shank($build->trailerHook->size) : null;
        $lastBend = null === $trailerHook ? $shank : $shank->plus($trailerHook)->plus(HookDimensions::gap($hook)->times(-0.5));
        $skirt = self::skirt($build, $lastBend);
        [$wireToHead, $wireToBlade] = $build->kind->hasWire() ? self::wire($build, $head, $shank) : [null, null];

        return new Measures(
            headLength: $head,
            headHeight: $head->times(1 / self::HEAD_ASPECT),
            hook: $hook,
            hookShank: $shank,
            hookGap: HookDimensions::gap($hook),
            blades: array_map(static fn (Blade $blade): array => [
                'shape' => $blade->shape,
                'length' => BladeDimensions::length($blade->shape, $blade->size),
                'width' => BladeDimensions::width($blade->shape, $blade->size),
            ], $build->blades),
            wireToHead: $wireToHead,
            wireToBlade: $wireToBlade,
            skirt: $skirt,
            trailer: $build->trailer?->length,
            trailerHook: $trailerHook,
            overall: self::overall($head, [$lastBend, $skirt, $build->trailer?->length]),
        );
    }

    /** The length of an ellipsoid of this weight and material: V = π/6 · L · (L/aspect)². */
    public static function headLength(Weight $weight, HeadMaterial $material): Length
    {
        $cubicCentimetres = $weight->inGrams() / $material->density();

        return Length::millimetres(10 * (6 * self::HEAD_ASPECT ** 2 * $cubicCentimetres / \M_PI) ** (1 / 3));
    }

    /** Trimmed at the bend of the last hook: a trailer hook reaches to the end of the skirt and no further (H2). */
    private static function skirt(Build $build, Length $lastBend): ?Length
    {
        return match ($build->skirt?->trim) {
            null => null,
            Trim::LongTail => Length::inches(self::LONG_TAIL_IN),
            Trim::HookBend => $lastBend->plus(Length::inches(self::FLARE_IN)),
        };
    }

    /** @return array{Length, Length} */
    private static function wire(Build $build, Length $head, Length $shank): array
    {
        $toHead = $head->times(1.9);
        $reach = $toHead->plus($head)->plus($shank->times(0.55));

        return [$toHead, Arm::Short === $build->arm ? $reach->times(self::SHORT_ARM_SHARE) : $reach];
    }

    /** @param list<Length|null> $behindTheCollar */
    private static function overall(Length $head, array $behindTheCollar): Length
    {
        $longest = Length::inches(0);
        foreach ($behindTheCollar as $length) {
            if (null !== $length && $length->isLongerThan($longest)) {
                $longest = $length;
            }
        }

        return $head->plus($longest);
    }
}
