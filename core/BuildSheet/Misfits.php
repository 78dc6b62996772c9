<?php

declare(strict_types=1);

namespace Kontrast\BuildSheet;

use Kontrast\Inventory\Composition;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeDimensions;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookDimensions;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Measurer;
use Kontrast\Measure\Length;
use Kontrast\Rulebook\Brief;
use Kontrast\Scoring\PartFit;

/** Looks whether the parts of a build go together, and names the nearest that would. */
final class Misfits
{
    /** A trailer has to stick out past the bend of the hook by this much to swim. (Chosen.) */
    private const PAST_THE_BEND_IN = 0.5;
    /** A moulded hook may be this many sizes off what heads of the weight usually carry. (Chosen.) */
    private const HOOK_LEEWAY = 1;

    /**
     * @param Brief|null $brief    what is advised for a reading, where the weight is to be held against its depth
     * @param bool       $leadFree whether the angler does without lead
     *
     * @return list<Misfit>
     */
    public static function find(Composition $build, ?Brief $brief = null, bool $leadFree = false): array
    {
        return [
            ...self::kind($build),
            ...self::blades($build),
            ...self::trailer($build),
            ...self::hook($build),
            ...self::mouldedHook($build),
            ...(null === $brief ? [] : self::weight($build, $brief)),
            ...($leadFree && HeadMaterial::Lead === $build->head->material
                ? [new Misfit('head', 'This head is lead, and you chose lead-free in Settings.', 'a tungsten or steel head')]
                : []),
        ];
    }

    /** @return list<Misfit> */
    private static function kind(Composition $build): array
    {
        $misfits = [];
        $lure = self::words($build->kind->value);
        if (!$build->head->isFor($build->kind)) {
            $made = self::words(implode(' or ', array_map(static fn (LureKind $kind): string => $kind->value, $build->head->kinds)));
            $misfits[] = new Misfit('head', "This head is for a $made, not for a $lure.", "a head for a $lure");
        }
        if (null === $build->skirt && !$build->kind->goesWithoutSkirt()) {
            $misfits[] = new Misfit('skirt', "A $lure needs a skirt.", 'any skirt');
        }
        if ($build->kind->hasBlade() && null === $build->rear) {
            $misfits[] = new Misfit(
                'rear',
                "A $lure needs a blade.",
                $build->kind->hasPlate() ? 'a bladed-jig blade' : 'a Colorado, Indiana or willow',
            );
        }
        foreach ($build->blades() as $blade) {
            if (!$build->kind->bladeMount()->takes($blade->shape)) {
                $misfits[] = new Misfit(
                    'rear',
                    BladeShape::BladedJig === $blade->shape ? 'This blade fits only a bladed jig.' : "This blade does not fit a $lure.",
                    BladeShape::BladedJig === $blade->shape ? 'a Colorado, Indiana or willow' : 'a bladed-jig blade',
                );
            }
        }

        return $misfits;
    }

    /** @return list<Misfit> */
    private static function blades(Composition $build): array
    {
        $misfits = [];
        if (null !== $build->front && Arm::Short === $build->head->arm) {
            $misfits[] = new Misfit('front', 'A short-arm spinnerbait has room for one blade only.', 'no front blade');
        }
        if (null !== $build->front && null !== $build->rear && Arm::Long === $build->head->arm) {
            if (PartFit::clashes($build->front)) {
                $fits = self::largest(
                    $build->front->shape,
                    static fn (Length $length): bool => !$length->isLongerThan(PartFit::clevisToLoop()),
                );
                $misfits[] = new Misfit(
                    'front',
                    'The front blade hits the rear blade as it spins.',
                    null === $fits ? 'a Colorado #2' : "#{$fits->number} in the same shape",
                );
            } elseif ($build->front->size->number > $build->rear->size->number) {
                $misfits[] = new Misfit(
                    'front',
                    'The front blade is larger than the rear blade.',
                    "#{$build->rear->size->number} or smaller in front",
                );
            }
        }
        $arm = Measurer::measure($build->inWords())->wireToBlade;
        if (
            null !== $build->rear
            && null !== $arm
            && BladeDimensions::length($build->rear->shape, $build->rear->size)->isLongerThan($arm)
        ) {
            $fits = self::largest($build->rear->shape, static fn (Length $length): bool => !$length->isLongerThan($arm));
            $misfits[] = new Misfit(
                'rear',
                'The blade is longer than the wire arm and can hit the line when it swings forward.',
                null === $fits ? 'a smaller shape' : "#{$fits->number} in the same shape",
            );
        }

        return $misfits;
    }

    /** @return list<Misfit> */
    private static function trailer(Composition $build): array
    {
        if (null === $build->trailer) {
            return [];
        }
        $measures = Measurer::measure($build->inWords());
        $least = $measures->hookShank->plus(Length::inches(self::PAST_THE_BEND_IN));
        if ($least->isLongerThan($build->trailer->length)) {
            return [
                new Misfit(
                    'trailer',
                    'The trailer ends at the hook bend, so it cannot move.',
                    'a trailer of '.self::inches($least).' or longer',
                ),
            ];
        }
        if (null !== $measures->skirt && $measures->skirt->isLongerThan($build->trailer->length)) {
            return [
                new Misfit(
                    'trailer',
                    'The trailer is shorter than the skirt, so it does not show.',
                    'a trailer longer than '.self::inches($measures->skirt).', or a shorter skirt',
                ),
            ];
        }

        return [];
    }

    /** @return list<Misfit> H1, H2 */
    private static function hook(Composition $build): array
    {
        if (null === $build->hook) {
            return [];
        }
        if (!$build->kind->takesTrailerHook() || Arm::Short === $build->head->arm) {
            return [
                new Misfit(
                    'hook',
                    $build->kind->takesTrailerHook()
                        ? 'A short-arm spinnerbait never has a trailer hook.'
                        : 'Only a spinnerbait takes a trailer hook.',
                    'no trailer hook',
                ),
            ];
        }
        $fit = PartFit::hookAughts($build->head->weight);
        $size = $build->hook->size->aught;
        if (\in_array($size, $fit, true)) {
            return [];
        }
        $instead = implode(' or ', array_map(static fn (int $aught): string => HookSize::aught($aught)->label(), $fit));

        return [
            new Misfit(
                'hook',
                $size > max($fit)
                    ? "{$build->hook->size->label()} is too long: it reaches past the skirt on a {$build->head->weight->said()} head."
                    : "{$build->hook->size->label()} is too small to fit over the hook of a {$build->head->weight->said()} head.",
                $instead,
            ),
        ];
    }

    /** @return list<Misfit> */
    private static function mouldedHook(Composition $build): array
    {
        $usual = HookDimensions::forHead($build->head->weight);
        $off = $build->head->mouldedHook()->aught - $usual->aught;

        return abs($off) <= self::HOOK_LEEWAY ? [] : [
            new Misfit(
                'head',
                \sprintf(
                    'A %s hook is %s for a %s head.',
                    $build->head->mouldedHook()->label(),
                    $off > 0 ? 'large' : 'small',
                    $build->head->weight->said(),
                ),
                "about {$usual->label()}",
            ),
        ];
    }

    /** @return list<Misfit> */
    private static function weight(Composition $build, Brief $brief): array
    {
        $range = $brief->build->head->range;
        $weight = $build->head->weight;

        return match (true) {
            $range->least->isHeavierThan($weight) => [
                new Misfit('head', "{$weight->said()} is light for this depth and retrieve: it loses contact with the "
                    .'bottom.', $range->said()),
            ],
            $weight->isHeavierThan($range->most) => [
                new Misfit('head', "{$weight->said()} is heavy for this depth and retrieve: it digs into the bottom or "
                    .'cover.', $range->said()),
            ],
            default => [],
        };
    }

    /** @param callable(Length): bool $clears */
    private static function largest(BladeShape $shape, callable $clears): ?BladeSize
    {
        for ($number = 7; $number >= 1; --$number) {
            if ($clears(BladeDimensions::length($shape, BladeSize::number($number)))) {
                return BladeSize::number($number);
            }
        }

        return null;
    }

    private static function inches(Length $length): string
    {
        return Length::inches(ceil($length->inInches() * 4) / 4)->said();
    }

    private static function words(string $words): string
    {
        return str_replace('_', ' ', $words);
    }
}
