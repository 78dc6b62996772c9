<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** A comparison as one would say it aloud. */
final class ComparisonWords
{
    /** Under this chance the notes lean to neither. (Chosen.) */
    private const LEANS = 0.7;

    public static function say(Comparison $comparison): string
    {
        [$low, $high] = $comparison->believed->interval();
        $a = ucfirst($comparison->factor->levelLabel($comparison->a));
        $b = $comparison->factor->levelLabel($comparison->b);
        $where = null === $comparison->clarity ? '' : ' in '.str_replace('_', ' ', $comparison->clarity->value).' water';
        if (max($comparison->believed->chanceBetter(), 1 - $comparison->believed->chanceBetter()) < self::LEANS) {
            return "$a and $b$where: your notes do not tell them apart yet. ".self::more($comparison->hoursToSettle());
        }

        return \sprintf(
            '%s got %s times the bites of %s%s on the same days and in the same light; 80 %% sure it is between %s and %s. %s',
            $a,
            self::times($comparison->believed->ratio),
            $b,
            $where,
            self::times($low),
            self::times($high),
            self::more($comparison->hoursToSettle()),
        );
    }

    private static function more(?float $hours): string
    {
        return match (true) {
            null === $hours => 'They look alike; more hours would hardly settle it.',
            $hours <= 0 => 'That settles it for now.',
            $hours > 999 => 'More than 999 hours would be needed to settle it.',
            $hours <= 1 => 'About one more hour would settle it.',
            default => \sprintf('About %d more hours would settle it.', (int) ceil($hours)),
        };
    }

    private static function times(float $ratio): string
    {
        return number_format($ratio, 1);
    }
}
