<?php

declare(strict_types=1);

namespace App\Format;

use Kontrast\Measure\Said;
use Kontrast\Measure\TimeOfDay;
use Kontrast\Measure\Units;
use Kontrast\Trip\TripPlan;
use Kontrast\Trip\Turn;
use Sabre\VObject\Component\VCalendar;

/** A trip as an iCalendar file (RFC 5545): the day as one entry, and every time at which picks change as an entry with an alarm. */
final class TripCalendar
{
    private const TURN_MINUTES = 5;

    /**
     * @param string       $id    of the trip, so that a later file replaces the entries of an earlier one
     * @param list<Turn>   $turns
     * @param list<string> $carry a line for each lure
     */
    public static function write(
        string $id,
        string $name,
        TripPlan $plan,
        array $turns,
        array $carry,
        \DateTimeImmutable $now,
        Units $units,
    ): string {
        $calendar = new VCalendar(['PRODID' => '-//Kontrast//Trip//EN']);
        $calendar->add('VEVENT', [
            'UID' => "$id@kontrast",
            'DTSTAMP' => $now->setTimezone(new \DateTimeZone('UTC')),
            'SUMMARY' => $name,
            'DTSTART' => self::utc($plan, $plan->from),
            'DTEND' => self::utc($plan, $plan->to),
            'GEO' => \sprintf('%.4f;%.4f', $plan->place->latitude, $plan->place->longitude),
            'DESCRIPTION' => Said::in(implode("\n", ['Carry:', ...$carry]), $units),
        ]);
        $byMinute = [];
        foreach ($turns as $turn) {
            $byMinute[$turn->minute][Said::in($turn->why, $units)][] = Said::in($turn->words(), $units);
        }
        foreach ($byMinute as $minute => $reasons) {
            foreach ($reasons as $why => $lines) {
                $event = $calendar->add('VEVENT', [
                    'UID' => \sprintf('%s-%d-%s@kontrast', $id, $minute, substr(md5($why), 0, 6)),
                    'DTSTAMP' => $now->setTimezone(new \DateTimeZone('UTC')),
                    'SUMMARY' => \sprintf('%s: %s', TimeOfDay::atMinute($minute)->said(), $why),
                    'DTSTART' => self::utc($plan, $minute),
                    'DTEND' => self::utc($plan, $minute + self::TURN_MINUTES),
                    'TRANSP' => 'TRANSPARENT',
                    'DESCRIPTION' => implode("\n", array_unique($lines)),
                ]);
                \assert($event instanceof \Sabre\VObject\Component);
                $event->add('VALARM', ['ACTION' => 'DISPLAY', 'TRIGGER' => 'PT0S', 'DESCRIPTION' => implode("\n", array_unique($lines))]);
            }
        }

        return $calendar->serialize();
    }

    private static function utc(TripPlan $plan, int $minute): \DateTimeImmutable
    {
        return $plan->time($minute)->setTimezone(new \DateTimeZone('UTC'));
    }
}
