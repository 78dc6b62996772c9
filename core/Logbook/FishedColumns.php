<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Reading\ClarityBand;
use Kontrast\Statistics\CountCells;

/**
 * Stints as a regression takes them: each factor a group of columns, a level a column. What is unknown, and a part that a lure does
 * without, is no column; levels fished for less than two hours are one, "other".
 */
final class FishedColumns
{
    /** A level fished for less is one with others of its kind. */
    private const LEAST_HOURS = 2.0;
    private const OTHER = 'other';
    /** What may matter by itself; the hour is counted in bands beside these. */
    private const ALONE = [
        Factor::Lure, Factor::Skirt, Factor::Finish, Factor::Style, Factor::Trailer, Factor::Weight, Factor::Clarity, Factor::Tint,
        Factor::Sky, Factor::Hour, Factor::Angler,
    ];
    /** What may matter more in one clarity than in another. */
    public const BY_CLARITY = [Factor::Finish, Factor::Skirt];
    private const BAND_HOURS = 3;

    /** @var list<string> by group, as group() calls it */
    public array $groups = [];
    /** @var list<int> group of each column */
    public array $groupOf = [];
    /** @var array<string, array<int|string, int>> column by group and level; of what is counted by clarity, by both with a blank between */
    public array $columns = [];
    /** @var array<string, array<int|string, float>> hours by group and level, all of them */
    public array $hours = [];

    private function __construct()
    {
    }

    /**
     * @param list<FishedStint> $stints
     *
     * @return array{self, CountCells} the columns, and the stints in them
     */
    public static function of(array $stints): array
    {
        $own = new self();
        $cells = new CountCells();
        $patterns = $levels = $hours = [];
        foreach ($stints as $stint) {
            $fished = $stint->hours();
            $band = intdiv(intdiv($stint->start + $stint->end, 2), self::BAND_HOURS * 3600) % intdiv(24, self::BAND_HOURS);
            $key = "$band{$stint->angler->value}$stint->key";
            $pattern = $patterns[$key] ??= \count($patterns);
            $levels[$pattern] ??= self::levels($stint, $band);
            $hours[$pattern] = ($hours[$pattern] ?? 0.0) + $fished;
            $cells->add($stint->outing, $pattern, $fished, \count($stint->bites), $stint->uneven[0], $stint->uneven[1]);
        }
        foreach ($levels as $pattern => $of) {
            foreach ($of as $group => $level) {
                $own->hours[$group][$level] = ($own->hours[$group][$level] ?? 0.0) + $hours[$pattern];
            }
        }
        $own->name();
        foreach ($levels as $of) {
            $cells->patterns[] = $own->pattern($of);
        }

        return [$own, $cells];
    }

    public static function group(Factor $factor, bool $isByClarity = false): string
    {
        return $isByClarity ? "$factor->value by clarity" : $factor->value;
    }

    /** @return list<string> the levels of a factor that have a column of their own, but for "other" */
    public function levelsOf(Factor $factor): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($this->columns[self::group($factor)] ?? [])),
            static fn (string $level): bool => self::OTHER !== $level,
        ));
    }

    /** @return int|null the column of a level, or of what it is more or less in a clarity; null where it was not fished, or not for long */
    public function column(Factor $factor, string $level, ?ClarityBand $clarity = null): ?int
    {
        return null === $clarity
            ? $this->columns[self::group($factor)][$level] ?? null
            : $this->columns[self::group($factor, true)]["$level $clarity->value"] ?? null;
    }

    /** @return float hours with a level, in one clarity or in all */
    public function hoursOf(Factor $factor, string $level, ?ClarityBand $clarity = null): float
    {
        return null === $clarity
            ? $this->hours[self::group($factor)][$level] ?? 0.0
            : $this->hours[self::group($factor, true)]["$level $clarity->value"] ?? 0.0;
    }

    /** @return array<string, string> level by group */
    private static function levels(FishedStint $stint, int $band): array
    {
        $known = [...$stint->levels, Factor::Hour->value => (string) $band, Factor::Angler->value => $stint->angler->value];
        $levels = [];
        foreach (self::ALONE as $factor) {
            $level = $known[$factor->value] ?? null;
            if (null !== $level && StintLevels::NONE !== $level) {
                $levels[self::group($factor)] = $level;
            }
        }
        $clarity = $known[Factor::Clarity->value] ?? null;
        foreach (null === $clarity ? [] : self::BY_CLARITY as $factor) {
            if (isset($levels[$factor->value])) {
                $levels[self::group($factor, true)] = "{$levels[$factor->value]} $clarity";
            }
        }

        return $levels;
    }

    /** Gives every level that was fished long enough a column, and the rest of a factor one together. */
    private function name(): void
    {
        ksort($this->hours);
        foreach ($this->hours as $group => $levels) {
            $enough = array_filter($levels, static fn (float $hours): bool => $hours >= self::LEAST_HOURS);
            $names = array_keys($enough);
            sort($names, \SORT_STRING);
            if (\count($enough) < \count($levels)) {
                $names[] = self::OTHER;
            }
            foreach ($names as $name) {
                $this->columns[$group][$name] = \count($this->groupOf);
                $this->groupOf[] = \count($this->groups);
            }
            $this->groups[] = $group;
        }
    }

    /**
     * @param array<string, string> $levels by group
     *
     * @return list<int> rising
     */
    private function pattern(array $levels): array
    {
        $pattern = [];
        foreach ($levels as $group => $level) {
            $pattern[] = $this->columns[$group][$level] ?? $this->columns[$group][self::OTHER];
        }
        sort($pattern);

        return $pattern;
    }
}
