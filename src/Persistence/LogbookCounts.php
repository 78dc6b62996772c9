<?php

declare(strict_types=1);

namespace App\Persistence;

use Doctrine\DBAL\ArrayParameterType;
use Doctrine\ORM\EntityManagerInterface;
use Kontrast\Logbook\Angler;
use Kontrast\Logbook\EventKind;
use Kontrast\Logbook\Factor;
use Kontrast\Logbook\FishedStint;
use Kontrast\Logbook\Followed;
use Kontrast\Logbook\StintLevels;
use Kontrast\Logbook\TrialBlock;
use Kontrast\Statistics\CountCells;

/** What outings come to, counted by the database: thousands of stints at once. */
final readonly class LogbookCounts
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /**
     * @param list<string>|null $ids null for all that are not deleted
     *
     * @return list<array<string, mixed>> outing summary documents, the latest first
     */
    public function summaries(?array $ids): array
    {
        $which = null === $ids ? 'o.deleted_at IS NULL' : 'o.id IN (?)';
        $within = static fn (string $table): string => null === $ids ? '' : "WHERE $table.outing_id IN (?)";
        $rows = $this->entities->getConnection()->executeQuery(
            "SELECT o.id, o.version, o.started_at, o.water_id, COALESCE(w.name, '') AS water, o.ended_at,
                MAX(o.started_at, COALESCE(s.last, ''), COALESCE(e.last, '')) AS last_noted_at,
                COALESCE(s.hours, 0) AS hours, COALESCE(e.bites, 0) AS bites, COALESCE(e.fish, 0) AS fish,
                COALESCE(e.follows, 0) AS follows, e.longest AS longest_in, COALESCE(s.lures, '') AS lures
            FROM outing o LEFT JOIN water w ON w.id = o.water_id AND w.deleted_at IS NULL
            LEFT JOIN (
                SELECT outing_id, SUM((strftime('%s', ended_at) - strftime('%s', started_at)) / 3600.0) AS hours,
                    MAX(COALESCE(ended_at, started_at)) AS last,
                    GROUP_CONCAT(DISTINCT json_extract(levels, '$.levels.lure')) AS lures
                FROM stint {$within('stint')} GROUP BY outing_id
            ) s ON s.outing_id = o.id
            LEFT JOIN (
                SELECT t.outing_id, MAX(v.happened_at) AS last, SUM(v.kind IN ".self::bites().") AS bites,
                    SUM(v.kind = 'landed') AS fish, SUM(v.kind = 'follow') AS follows, MAX(v.length_in) AS longest
                FROM outing_event v JOIN stint t ON t.id = v.stint_id {$within('t')} GROUP BY t.outing_id
            ) e ON e.outing_id = o.id
            WHERE $which ORDER BY o.started_at DESC, o.id DESC",
            null === $ids ? [] : [$ids, $ids, $ids],
            null === $ids ? [] : array_fill(0, 3, ArrayParameterType::STRING),
        )->fetchAllAssociative();

        return array_map(static fn (array $row): array => [
            ...$row,
            'started_at' => self::written($row['started_at']),
            'ended_at' => null === $row['ended_at'] ? null : self::written($row['ended_at']),
            'last_noted_at' => self::written($row['last_noted_at']),
            'hours' => round(self::number($row['hours']), 2),
            'lures' => '' === $row['lures'] ? [] : explode(',', self::text($row['lures'])),
        ], $rows);
    }

    /**
     * Every stint that has ended, in outings that are not deleted.
     *
     * @param string|null $water only those on this one
     *
     * @return \Generator<int, FishedStint>
     */
    public function fished(?string $water = null): \Generator
    {
        [$where, $values] = null === $water ? ['', []] : [' AND o.water_id = ?', [$water]];
        $database = $this->entities->getConnection();
        $bites = $landed = [];
        /** @var list<array{string, int, int}> $rows */
        $rows = $database->fetchAllNumeric(
            "SELECT stint_id || angler, CAST(strftime('%s', happened_at) AS INTEGER), kind = 'landed' FROM outing_event
            WHERE kind IN ".self::bites(),
        );
        foreach ($rows as [$whose, $at, $isFish]) {
            $bites[$whose][] = $at;
            if (1 === $isFish) {
                $landed[$whose][] = $at;
            }
        }
        /** @var list<array{string, string, int, int, string, string, string, string|null}> $rows */
        $rows = $database->fetchAllNumeric(
            "SELECT s.id, s.outing_id, CAST(strftime('%s', s.started_at) AS INTEGER), CAST(strftime('%s', s.ended_at) AS INTEGER), s.levels,
                COALESCE(w.time_zone, ''), s.angler, s.followed
            FROM stint s JOIN outing o ON o.id = s.outing_id LEFT JOIN water w ON w.id = o.water_id
            WHERE o.deleted_at IS NULL AND s.ended_at > s.started_at$where",
            $values,
        );
        $clocks = $counted = [];
        foreach ($rows as [$id, $outing, $start, $end, $levels, $zone, $angler, $followed]) {
            $offset = ($clocks[$zone] ??= new WallClock($zone))->offsetAt($start);
            $under = $counted[$levels] ??= self::counted($levels);
            $bit = $bites[$id.$angler] ?? [];
            yield new FishedStint(
                $levels,
                $outing,
                $start + $offset,
                $end + $offset,
                $under['levels'],
                $under['stratum'],
                $under['schools'],
                self::moved($bit, $offset),
                self::moved($landed[$id.$angler] ?? [], $offset),
                CountCells::uneven($start, $end, $bit),
                Angler::from($angler),
                null === $followed ? null : Followed::isAsAdvised('' === $followed ? 0 : substr_count($followed, ',') + 1),
            );
        }
    }

    /** @return list<string> ids of stints whose levels were worked out by an older version */
    public function stale(): array
    {
        /** @var list<string> $ids */
        $ids = $this->entities->getConnection()->fetchFirstColumn(
            'SELECT id FROM stint WHERE levels NOT LIKE ?',
            [\sprintf('{"v":%d,%%', StintLevels::VERSION)],
        );

        return $ids;
    }

    /** @return array<int, int> how many of the fish that were measured were so many whole inches long */
    public function lengths(): array
    {
        $rows = $this->entities->getConnection()->fetchAllNumeric(
            "SELECT CAST(v.length_in AS INTEGER), COUNT(*) FROM outing_event v
            JOIN stint s ON s.id = v.stint_id JOIN outing o ON o.id = s.outing_id
            WHERE o.deleted_at IS NULL AND v.kind = 'landed' AND v.length_in IS NOT NULL GROUP BY 1 ORDER BY 1",
        );
        $lengths = [];
        foreach ($rows as [$inches, $fish]) {
            $lengths[(int) self::number($inches)] = (int) self::number($fish);
        }

        return $lengths;
    }

    /**
     * Surface temperatures by water and day, from readings saved and from stints fished, as far as somebody measured them there; of several
     * on a day, their mean.
     *
     * @param string $since the first day, such as 2026-01-01
     *
     * @return array<string, array<string, float>> °F by date on the clock of the water, by id of the water
     */
    public function temperatures(string $since): array
    {
        return array_map(
            static fn (array $days): array => array_map(static fn (float $mean): float => round($mean, 1), $days),
            $this->byDay('surface_f', $since),
        );
    }

    /** @return array<string, list<float>> how far one saw, inches, one for each day that somebody looked, by id of the water */
    public function sights(): array
    {
        return array_map(array_values(...), $this->byDay('visibility_in', ''));
    }

    /**
     * A figure of the water from readings saved and from stints fished, as far as somebody saw it there; of several on a day, their mean.
     *
     * @param string $field of a reading
     * @param string $since the first day, such as 2026-01-01
     *
     * @return array<string, array<string, float>> by date on the clock of the water, by id of the water
     */
    private function byDay(string $field, string $since): array
    {
        $rows = $this->entities->getConnection()->iterateNumeric(
            "SELECT t.water_id, COALESCE(w.time_zone, ''), CAST(strftime('%s', t.at) AS INTEGER), t.figure FROM (
                SELECT water_id, taken_at AS at, ".self::inJson('document', "$.$field").' AS figure FROM saved_reading
                WHERE deleted_at IS NULL AND taken_at >= ?
                UNION ALL
                SELECT o.water_id, s.started_at, '.self::inJson('s.document', "$.reading.$field").' FROM stint s
                JOIN outing o ON o.id = s.outing_id WHERE o.deleted_at IS NULL AND s.started_at >= ?
                AND '.self::inJson('s.document', '$.confirmed').'
            ) t JOIN water w ON w.id = t.water_id WHERE abs(t.figure) > 0 ORDER BY t.water_id, t.at',
            [$since, $since],
        );
        $clocks = $taken = [];
        foreach ($rows as [$water, $zone, $at, $figure]) {
            $clock = $clocks[self::text($zone)] ??= new WallClock(self::text($zone));
            $moment = (int) self::number($at);
            $taken[self::text($water)][gmdate('Y-m-d', $moment + $clock->offsetAt($moment))][] = self::number($figure);
        }
        $mean = static fn (array $of): float => array_sum($of) / max(1, \count($of));

        return array_map(static fn (array $days): array => array_map($mean, $days), $taken);
    }

    /**
     * When somebody last saw how far one sees in a water, and what else was seen then: in a reading saved there, or on the water.
     *
     * @return array<string, array{\DateTimeImmutable, array<string, mixed>}> the moment and what was seen, by id of the water
     */
    public function lastSeen(): array
    {
        // SQLite takes the other columns from the row that the latest moment is in.
        $rows = $this->entities->getConnection()->fetchAllNumeric(
            'SELECT water_id, MAX(at), seen FROM (
                SELECT water_id, taken_at AS at, '.self::inJson('document', '$').' AS seen FROM saved_reading WHERE deleted_at IS NULL
                UNION ALL
                SELECT o.water_id, s.started_at, '.self::inJson('s.document', '$.reading').' FROM stint s
                JOIN outing o ON o.id = s.outing_id WHERE o.deleted_at IS NULL AND '.self::inJson('s.document', '$.confirmed')."
            ) WHERE water_id IS NOT NULL AND json_extract(seen, '$.visibility_in') > 0 GROUP BY water_id",
        );
        $last = [];
        foreach ($rows as [$water, $at, $seen]) {
            /** @var array<string, mixed> $fields */
            $fields = json_decode(self::text($seen), true, 8, \JSON_THROW_ON_ERROR);
            $last[self::text($water)] = [new \DateTimeImmutable(self::written($at)), $fields];
        }

        return $last;
    }

    /** @return list<array<string, string>> how the lures looked that were fished in a water (StintLevels::looks), each once */
    public function looksIn(?string $water): array
    {
        $level = static fn (Factor $factor): string => "json_extract(s.levels, '$.levels.{$factor->value}') AS {$factor->value}";
        /** @var list<array<string, string>> $looks */
        $looks = $this->entities->getConnection()->fetchAllAssociative(
            'SELECT DISTINCT '.implode(', ', array_map($level, StintLevels::LOOKS)).'
            FROM stint s JOIN outing o ON o.id = s.outing_id WHERE o.deleted_at IS NULL AND o.water_id IS ?',
            [$water],
        );

        return $looks;
    }

    /** @return array<string, string> by kind of lure, the stint that such a lure was last fished in, the latest first */
    public function lastFished(Factor $factor, string $level): array
    {
        // SQLite takes the id from the row that the latest moment is in.
        /** @var list<array{string, string}> $rows */
        $rows = $this->entities->getConnection()->fetchAllNumeric(
            "SELECT json_extract(s.levels, '$.levels.lure'), s.id, MAX(s.started_at) AS last
            FROM stint s JOIN outing o ON o.id = s.outing_id
            WHERE o.deleted_at IS NULL AND json_extract(s.levels, '$.levels.{$factor->value}') = ? GROUP BY 1 ORDER BY last DESC",
            [$level],
        );

        return array_column($rows, 1, 0);
    }

    /** @return array<int, TrialBlock> what was fished of each block of a trial, by its number */
    public function blocks(string $trial): array
    {
        /** @var list<array{int, int, int, string|null}> $rows */
        $rows = $this->entities->getConnection()->fetchAllNumeric(
            'SELECT '.self::inJson('s.document', '$.trial.block').",
                CAST(strftime('%s', s.started_at) AS INTEGER), CAST(strftime('%s', s.ended_at) AS INTEGER),
                (SELECT group_concat(strftime('%s', v.happened_at)) FROM outing_event v
                    WHERE v.stint_id = s.id AND v.angler = s.angler AND v.kind IN ".self::bites().')
            FROM stint s JOIN outing o ON o.id = s.outing_id
            WHERE o.deleted_at IS NULL AND s.ended_at > s.started_at AND '.self::inJson('s.document', '$.trial.trial_id').' = ?
            ORDER BY s.started_at',
            [$trial],
        );
        $blocks = [];
        foreach ($rows as [$block, $start, $end, $bites]) {
            $times = null === $bites ? [] : array_map(intval(...), explode(',', $bites));
            ($blocks[$block] ??= new TrialBlock())->fish($start, $end, $times);
        }

        return $blocks;
    }

    /** Changes whenever something is noted, changed or deleted. */
    public function fingerprint(): string
    {
        $all = $this->entities->getConnection()->fetchFirstColumn(
            "SELECT id || ' ' || version || ' ' || (deleted_at IS NULL) FROM outing ORDER BY id",
        );

        return hash('xxh128', implode("\n", array_map(self::text(...), $all)));
    }

    /**
     * @param list<int> $times seconds
     *
     * @return list<int>
     */
    private static function moved(array $times, int $by): array
    {
        foreach ($times as $i => $time) {
            $times[$i] = $time + $by;
        }

        return $times;
    }

    /** @return array{levels: array<string, string>, stratum: string|null, schools: array<string, list<string>>} */
    private static function counted(string $levels): array
    {
        /** @var array{levels: array<string, string>, stratum: string|null, schools: array<string, list<string>>} $counted */
        $counted = json_decode($levels, true, 8, \JSON_THROW_ON_ERROR);

        return $counted;
    }

    /** The kinds of event that count as a bite, as SQL lists them. */
    private static function bites(): string
    {
        $kinds = array_filter(EventKind::cases(), static fn (EventKind $kind): bool => $kind->isBite());

        return \sprintf("('%s')", implode("', '", array_map(static fn (EventKind $kind): string => $kind->value, $kinds)));
    }

    /** A value in a document; nothing where the document is broken, which breaks nothing else. */
    private static function inJson(string $column, string $path): string
    {
        return "CASE WHEN json_valid($column) THEN json_extract($column, '$path') END";
    }

    private static function written(mixed $column): string
    {
        return str_replace(' ', 'T', self::text($column)).'+00:00';
    }

    private static function text(mixed $column): string
    {
        return \is_scalar($column) ? (string) $column : '';
    }

    private static function number(mixed $column): float
    {
        return is_numeric($column) ? (float) $column : 0.0;
    }
}
