<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Effect;
use Kontrast\Logbook\FishedStint;
use Kontrast\Reading\ClarityBand;
use Kontrast\Reading\School;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Statistics\CountCells;

/**
 * Seasons made up with the three troubles of real notes: fish bite in flurries, favorites are fished on good days, and a lure is changed
 * after a slow spell and kept after a fast one. What every part is really worth is known.
 */
final class Seasons
{
    private const BITES_AN_HOUR = 1.2;
    private const DAY_SPREAD = 0.5;
    /** Bites come so many at once on the mean, within ten minutes. */
    private const FLURRY = 2.0;
    private const LEVELS = [
        'lure' => ['jig', 'swim_jig', 'spinnerbait', 'bladed_jig'],
        'skirt' => ['black', 'white', 'green_pumpkin', 'brown', 'chartreuse', 'blue'],
        'finish' => ['silver', 'gold', 'black', 'painted_white'],
        'style' => ['craw', 'chunk', 'paddle_tail', 'twin_tail_grub'],
        'trailer' => ['black', 'white', 'green_pumpkin', 'brown', 'blue'],
        'weight' => ['3/8 oz', '1/2 oz', '3/4 oz'],
    ];
    private const WATERS = [
        ['clear', 'none'], ['stained', 'tannic'], ['dirty', 'clay'], ['stained', 'green'],
    ];
    private const SKIES = ['sun', 'broken', 'overcast', 'rain'];

    /** @var array<string, array<string, float>> logarithm of what a level multiplies, by factor */
    private array $worth = [];
    /** @var array<string, array<string, float>> the same in one clarity beside, by factor and "level clarity" */
    private array $beside = [];

    /** @param list<float> $spreads standard deviation of the logarithms, drawn for each factor; half of it between clarities */
    private function __construct(private readonly array $spreads, private readonly ?float $advice)
    {
    }

    /**
     * @param list<float> $spreads see above; [0.0] where every part is as good
     * @param float|null  $advice  how many times as good a lure is that was tied as advised, every other time; null where nobody knows
     *
     * @return array{self, list<FishedStint>}
     */
    public static function of(array $spreads, int $outings, int $seed, ?float $advice = null): array
    {
        mt_srand($seed);
        $season = new self($spreads, $advice);
        $season->draw();
        $box = $season->box();
        $stints = [];
        for ($day = 0; $day < $outings; ++$day) {
            $stints = [...$stints, ...$season->day($day, $box)];
        }

        return [$season, $stints];
    }

    /**
     * The logarithm of the true ratio that an effect is about.
     *
     * @param list<FishedStint> $stints
     */
    public function truth(Effect $effect, array $stints): float
    {
        $factor = $effect->factor->value;
        $value = $this->worth[$factor][$effect->a] - $this->worth[$factor][$effect->b];
        if (!isset($this->beside[$factor])) {
            return $value;
        }
        $hours = [];
        foreach ($stints as $stint) {
            if (\in_array($stint->levels[$factor] ?? '', [$effect->a, $effect->b], true)) {
                $clarity = $stint->levels['clarity'];
                $hours[$clarity] = ($hours[$clarity] ?? 0.0) + $stint->hours();
            }
        }
        $hours = null === $effect->clarity ? $hours : [$effect->clarity->value => 1.0];
        foreach ($hours as $clarity => $share) {
            $value += $share / array_sum($hours)
                * ($this->beside[$factor]["$effect->a $clarity"] - $this->beside[$factor]["$effect->b $clarity"]);
        }

        return $value;
    }

    private function draw(): void
    {
        foreach (self::LEVELS as $factor => $levels) {
            $spread = $this->spreads[mt_rand(0, \count($this->spreads) - 1)];
            foreach ($levels as $level) {
                $this->worth[$factor][$level] = $spread * Chance::normal();
                foreach (\in_array($factor, ['finish', 'skirt'], true) ? ClarityBand::cases() : [] as $clarity) {
                    $this->beside[$factor]["$level $clarity->value"] = $spread / 2 * Chance::normal();
                }
            }
        }
    }

    /** @return list<array<string, string>> twelve lures, the first three of which are favorites */
    private function box(): array
    {
        $box = [];
        for ($i = 0; $i < 12; ++$i) {
            $lure = [];
            foreach (self::LEVELS as $factor => $levels) {
                $lure[$factor] = $levels[mt_rand(0, \count($levels) - 1)];
            }
            if (\in_array($lure['lure'], ['jig', 'swim_jig'], true)) {
                $lure['finish'] = 'none';
            }
            $box[] = $lure;
        }

        return $box;
    }

    /**
     * @param list<array<string, string>> $box
     *
     * @return list<FishedStint>
     */
    private function day(int $day, array $box): array
    {
        [$clarity, $tint] = self::WATERS[mt_rand(0, \count(self::WATERS) - 1)];
        $luck = self::DAY_SPREAD * Chance::normal();
        $stints = [];
        $now = 6 * 3600 + 1800 * mt_rand(0, 6);
        $end = $now + 3600 * 6;
        while ($now < $end - 900) {
            // On a good day the favorites come out.
            $isFavorite = Chance::share() < ($luck > 0 ? 0.7 : 0.25);
            $lure = $box[$isFavorite ? mt_rand(0, 2) : mt_rand(3, \count($box) - 1)];
            // A trailer is changed on the water.
            $other = $box[mt_rand(0, \count($box) - 1)];
            $lure = Chance::share() < 0.5 ? $lure : [...$lure, 'style' => $other['style'], 'trailer' => $other['trailer']];
            $levels = [...$lure, 'clarity' => $clarity, 'tint' => $tint, 'sky' => self::SKIES[intdiv($now, 7200) * ($day + 3) % 4]];
            $isAdvised = null === $this->advice ? null : Chance::share() < 0.5;
            $rate = self::BITES_AN_HOUR * exp($luck + $this->worthOf($lure, $clarity)) * (true === $isAdvised ? $this->advice : 1.0);
            [$until, $bites] = self::fish($now, $end, $rate);
            $schools = self::schools($lure);
            $key = implode(' ', $levels);
            $stints[] = new FishedStint(
                $key,
                "day $day",
                $now,
                $until,
                $levels,
                "$clarity $tint",
                $schools,
                $bites,
                [],
                CountCells::uneven($now, $until, $bites),
                isAdvised: $isAdvised,
            );
            $now = $until;
        }

        return $stints;
    }

    /**
     * The schools that would have tied a lure: a body and a skirt settle it, whatever they are.
     *
     * @param array<string, string> $lure
     *
     * @return array<string, list<string>> by question
     */
    private static function schools(array $lure): array
    {
        $fits = [];
        foreach (SchoolQuestion::cases() as $i => $question) {
            $schools = array_map(static fn (School $school): string => $school->value, $question->schools());
            $first = crc32("$i {$lure['lure']} {$lure['skirt']} {$lure['finish']}") % \count($schools);
            $fits[$question->value] = [$schools[$first]];
        }

        return $fits;
    }

    /**
     * Fishes on while it bites: after half an hour without a bite something else is tied on, as often as not.
     *
     * @return array{int, list<int>} when it ends, and the bites
     */
    private static function fish(int $now, int $end, float $rate): array
    {
        $bites = [];
        $until = $now;
        do {
            $until += 1800;
            $here = [];
            for ($flurry = Chance::poisson($rate / 2 / self::FLURRY); $flurry > 0; --$flurry) {
                $at = $until - 1800 + mt_rand(0, 1199);
                for ($more = 1 + Chance::poisson(self::FLURRY - 1); $more > 0; --$more) {
                    $here[] = $at + mt_rand(0, 599);
                }
            }
            $bites = [...$bites, ...$here];
            $stays = [] === $here ? 0.3 : 0.75;
        } while ($until < $end && Chance::share() < $stays);

        return [$until, $bites];
    }

    /** @param array<string, string> $lure */
    private function worthOf(array $lure, string $clarity): float
    {
        $sum = 0.0;
        foreach ($lure as $factor => $level) {
            $sum += ($this->worth[$factor][$level] ?? 0.0) + ($this->beside[$factor]["$level $clarity"] ?? 0.0);
        }

        return $sum;
    }
}
