<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Lure\LureKind;
use Kontrast\Measure\Length;
use Kontrast\Measure\TimeOfDay;
use Kontrast\Reading\Bite;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\SkyAt;
use Kontrast\Sun\Place;
use Kontrast\Sun\SunDay;

/** A day on the water as it is expected the night before. */
final readonly class TripPlan
{
    public const QUARTER = 15;
    private const MINUTES_A_DAY = 1440;
    /** Chances may be rounded to whole percents. */
    private const LEEWAY = 0.015;
    public const MOST_LURES = 10;
    public const MOST_TRAILERS = 20;
    public const MOST_KINDS = 4;
    public const BITES = [Bite::Normal, Bite::Tough, Bite::Active];
    /** Chances of them, in that order, where nobody says. (Chosen.) */
    public const MOODS = [0.5, 0.3, 0.2];

    /**
     * @param int                                $from       minutes after midnight
     * @param int                                $to         minutes after midnight
     * @param array{Length, Length, Length}      $visibility low, likely, high
     * @param list<SkyChance>                    $skies
     * @param non-empty-list<Cover>              $covers
     * @param non-empty-list<float>              $coverShares in the same order
     * @param non-empty-list<array{Length, float}> $depths  with their shares of the day
     * @param non-empty-list<array{Bite, float}> $moods      how they may bite, with their chances
     * @param non-empty-list<array{Forage, float}> $forage   with its share of the day
     * @param non-empty-list<LureKind>           $lures
     */
    private function __construct(
        public Place $place,
        public string $date,
        public int $from,
        public int $to,
        public Reading $reading,
        public array $visibility,
        public array $skies,
        public array $covers,
        public array $coverShares,
        public array $depths,
        public array $moods,
        public array $forage,
        public array $lures,
        public int $carriedLures,
        public int $carriedTrailers,
        public int $leastKinds,
        public SunDay $sun,
    ) {
    }

    /**
     * @param string                      $date       2026-05-09
     * @param string                      $from       5:30, by the clock of the place
     * @param Reading                     $reading    what is known; sky and sun are replaced hour by hour
     * @param list<float>                 $inches     low, likely and high visibility
     * @param list<array{string, string, Sky, float}> $skies from, to, sky, chance; the reading's own where empty
     * @param list<Cover>                 $covers     the reading's own where empty
     * @param list<array{Forage, float}>  $forage     the reading's own where empty
     * @param list<LureKind>              $lures      every kind where empty
     * @param list<float>                 $coverShares of the covers, in their order; all alike where empty
     * @param list<array{float, float}>   $depths     feet, with their shares of the day; the reading's own where empty
     * @param array{float, float, float}|null $moods  chances of a normal, a tough and an active bite; MOODS where null
     * @param int                         $leastKinds how many kinds of lure are carried at least
     *
     * @throws NotATrip
     */
    public static function of(
        Place $place,
        string $date,
        string $from,
        string $to,
        Reading $reading,
        array $inches,
        array $skies = [],
        array $covers = [],
        array $forage = [],
        array $lures = [],
        int $carriedLures = 4,
        int $carriedTrailers = 6,
        array $coverShares = [],
        array $depths = [],
        ?array $moods = null,
        int $leastKinds = 0,
    ): self {
        self::day($date);
        [$start, $end] = [self::minute('from', $from), self::minute('to', $to)];
        if ($end <= $start) {
            throw NotATrip::endsBeforeItStarts(TimeOfDay::atMinute($start)->said(), TimeOfDay::atMinute($end)->said());
        }
        [$low, $likely, $high] = [...$inches, 0.0, 0.0, 0.0];
        if (3 !== \count($inches) || $low <= 0 || $likely < $low || $high < $likely) {
            throw NotATrip::clarity();
        }
        if ($carriedLures < 1 || $carriedTrailers < 0) {
            throw NotATrip::nothingCarried($carriedLures < 1 ? 'carry.lures' : 'carry.trailers');
        }
        $covers = [] === $covers ? [$reading->cover] : $covers;
        $kinds = [] === $lures ? LureKind::cases() : array_values(array_unique($lures, \SORT_REGULAR));
        if ($leastKinds > min($carriedLures, \count($kinds))) {
            throw NotATrip::tooManyKinds(min($carriedLures, \count($kinds)));
        }
        $plan = new self(
            $place,
            $date,
            $start,
            $end,
            $reading,
            [Length::inches($low), Length::inches($likely), Length::inches($high)],
            [] === $skies ? [new SkyChance(0, self::MINUTES_A_DAY, $reading->sky, 1.0)] : array_map(
                static fn (array $one, int $i): SkyChance => new SkyChance(
                    self::minute("sky[$i].from", $one[0]),
                    self::minute("sky[$i].to", $one[1]),
                    $one[2],
                    $one[3],
                ),
                $skies,
                array_keys($skies),
            ),
            $covers,
            [] === $coverShares ? array_fill(0, \count($covers), 1.0) : $coverShares,
            [] === $depths ? [[$reading->depth, 1.0]] : array_map(
                static fn (array $one): array => [Length::feet($one[0]), $one[1]],
                $depths,
            ),
            self::moods($moods ?? self::MOODS),
            self::likeliestFirst([] === $forage ? [[$reading->forage, 1.0]] : $forage),
            $kinds,
            $carriedLures,
            $carriedTrailers,
            $leastKinds,
            SunDay::of($place, $date),
        );
        if ([] === $plan->quarters()) {
            throw NotATrip::skipped();
        }
        $plan->checkChances();

        return $plan;
    }

    /**
     * @param array{float, float, float} $chances
     *
     * @return non-empty-list<array{Bite, float}> those that may be
     *
     * @throws NotATrip where they do not add up to one
     */
    private static function moods(array $chances): array
    {
        $moods = [];
        foreach (self::BITES as $i => $bite) {
            if ($chances[$i] > 0) {
                $moods[] = [$bite, $chances[$i]];
            }
        }

        return [] === $moods || abs(array_sum($chances) - 1) > self::LEEWAY ? throw NotATrip::moods(array_sum($chances)) : $moods;
    }

    /**
     * @param non-empty-list<array{Forage, float}> $forage
     *
     * @return non-empty-list<array{Forage, float}>
     */
    private static function likeliestFirst(array $forage): array
    {
        usort($forage, static fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $forage;
    }

    /** @return list<int> the start of every quarter hour of the trip that the clock shows, minutes after midnight */
    public function quarters(): array
    {
        $quarters = [];
        for ($minute = $this->from; $minute < $this->to; $minute += self::QUARTER) {
            // When summer time begins an hour is skipped.
            if ($this->time($minute)->format('G:i') === TimeOfDay::atMinute($minute)->written()) {
                $quarters[] = $minute;
            }
        }

        return $quarters;
    }

    /** @return float minutes that pass until the clock shows a quarter hour more; an hour besides where summer time ends */
    public function minutesFrom(int $minute): float
    {
        $next = min($this->to, $minute + self::QUARTER);

        return ($this->time($next)->getTimestamp() - $this->time($minute)->getTimestamp()) / 60;
    }

    /** A minute of the day by the clock of the place. */
    public function time(int $minute): \DateTimeImmutable
    {
        return new \DateTimeImmutable(\sprintf('%s %02d:%02d:00', $this->date, intdiv($minute, 60), $minute % 60), $this->place->zone);
    }

    /** @return float degrees */
    public function sunAt(int $minute): float
    {
        return $this->sun->height($this->time($minute));
    }

    /** @return array<string, float> chance by sky, the likeliest first */
    public function skiesAt(int $minute): array
    {
        $chances = [];
        foreach ($this->skies as $sky) {
            if ($sky->covers($minute) && $sky->chance > 0) {
                $chances[$sky->sky->value] = ($chances[$sky->sky->value] ?? 0.0) + $sky->chance;
            }
        }
        arsort($chances);

        return $chances;
    }

    /** The reading at a minute under a sky. */
    public function at(int $minute, Sky $overhead, ?LureKind $lure = null, ?Length $visibility = null): Reading
    {
        return SkyAt::of($overhead, $this->sunAt($minute))->on($this->reading->with(
            lure: $lure ?? $this->lures[0],
            visibility: $visibility ?? $this->visibility[1],
            cover: $this->covers[0],
            forage: $this->forage[0][0],
        ));
    }

    /** @return list<Sky> every sky that may come, in the order of the day */
    public function possibleSkies(): array
    {
        $skies = [];
        foreach ($this->skies as $sky) {
            if ($sky->chance > 0 && $sky->from < $this->to && $sky->to > $this->from && !\in_array($sky->sky, $skies, true)) {
                $skies[] = $sky->sky;
            }
        }

        return $skies;
    }

    /**
     * @param string $date 2026-05-09
     *
     * @return string the same
     *
     * @throws NotATrip where there is no such day
     */
    public static function day(string $date): string
    {
        $parsed = \DateTimeImmutable::createFromFormat('!Y-m-d', $date);

        return false !== $parsed && $parsed->format('Y-m-d') === $date ? $date : throw NotATrip::unknownDate($date);
    }

    /**
     * @param string $time 7:52
     *
     * @return int minutes after midnight
     *
     * @throws NotATrip
     */
    public static function minute(string $field, string $time): int
    {
        if (1 !== preg_match('/^(\d{1,2}):([0-5]\d)$/D', $time, $m) || (int) $m[1] > 24 || (24 === (int) $m[1] && '00' !== $m[2])) {
            throw NotATrip::unknownTime($field, $time);
        }

        return 60 * (int) $m[1] + (int) $m[2];
    }

    private function checkChances(): void
    {
        foreach ($this->quarters() as $minute) {
            $sum = array_sum($this->skiesAt($minute));
            if (abs($sum - 1) > self::LEEWAY) {
                throw NotATrip::chances(TimeOfDay::atMinute($minute)->said(), $sum);
            }
        }
    }
}
