<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\Slot;

/** What a question teaches. */
enum Topic: string
{
    case Clarity = 'clarity';
    case Light = 'light';
    case Forage = 'forage';
    case Sets = 'sets';
    case Trailers = 'trailers';
    case Weight = 'weight';
    case Season = 'season';
    /** No water decides it: only what is wrong in a lure or a day. */
    case Safety = 'safety';

    /** What a field of a reading is about, by the start of its name. */
    private const FIELDS = [
        'visibility' => self::Clarity, 'tint' => self::Clarity, 'forage' => self::Forage, 'red_crawfish' => self::Forage,
        'schooling' => self::Forage, 'sky' => self::Light, 'sun' => self::Light, 'wind' => self::Light, 'surface' => self::Season,
        'season' => self::Season, 'trend' => self::Season,
    ];

    /** Of a pick, by its part, or where the part does not say it by what the rule looks at. */
    public static function of(Slot $slot, Rule $rule): self
    {
        return match (true) {
            Slot::Weight === $slot => self::Weight,
            \in_array($slot, [Slot::Set, Slot::Pairing], true) => self::Sets,
            'trailer' === $slot->part() => self::Trailers,
            default => self::byFields($rule->dependsOn()),
        };
    }

    /** @param list<string> $fields in the order in which the rule names them */
    private static function byFields(array $fields): self
    {
        foreach ($fields as $field) {
            foreach (self::FIELDS as $start => $topic) {
                if (str_starts_with($field, $start)) {
                    return $topic;
                }
            }
        }

        return self::Clarity;
    }
}
