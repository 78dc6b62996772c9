<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** An effect as one would say it aloud. */
final class EffectWords
{
    private const MOST_HOURS = 999;
    /** Below this the notes have told nothing: a figure is never quite zero. */
    private const LEAST_TOLD = 1e-9;

    public static function say(Effect $effect): string
    {
        $effect = $effect->value < 0 ? $effect->turned() : $effect;
        $a = $effect->factor->levelLabel($effect->a);
        $b = $effect->factor->levelLabel($effect->b);
        $where = null === $effect->clarity ? '' : ' in '.str_replace('_', ' ', $effect->clarity->value).' water';
        if (!$effect->isSettled()) {
            return "Not told yet: $a or $b$where. ".self::more($effect);
        }
        [$low, $high] = $effect->interval();

        return \sprintf(
            '%s got %s times the bites of %s%s, all else being equal; 80 %% sure it is between %s and %s. %s',
            ucfirst($a),
            self::times($effect->ratio()),
            $b,
            $where,
            self::times($low),
            self::times($high),
            $effect->isSure() ? 'That is sure.' : 'That settles it for now.',
        );
    }

    private static function more(Effect $effect): string
    {
        $hours = $effect->hoursToSettle();

        return match (true) {
            $effect->told() < self::LEAST_TOLD => 'Fish both for two hours or more, on the same days.',
            null === $hours => 'They look alike so far; more hours would hardly tell.',
            $hours > self::MOST_HOURS => \sprintf('It would take more than %d more hours.', self::MOST_HOURS),
            $hours <= 1 => 'About one more hour would tell.',
            default => \sprintf('About %d more hours would tell.', (int) ceil($hours)),
        };
    }

    private static function times(float $ratio): string
    {
        return number_format($ratio, $ratio < 2 ? 2 : 1);
    }
}
