<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\OutingConflictDocument;

/**
 * Joins a stored outing with the same outing in the file of a phone. Both began as the outing before.
 *
 * A change of one side stays; so does what one side added or removed. What one removed and the other changed stays. Where both changed
 * the same thing, the stored version stays, and a conflict is told. Where the outing before is not known, only what is new is added, and an
 * outing that still goes on can be ended.
 *
 * @phpstan-type Row array<string, mixed>
 */
final class OutingJoin
{
    /** What the program itself says of an event. */
    private const OWN = ['id', 'taken', 'has_photo', 'photo'];
    /** What the program itself says of a stint. */
    private const OF_STINT = ['id', 'followed'];
    /** Which stint an event is in, beside its own fields: one that was moved is still the same. */
    private const UNDER = 'under';
    private const GOES_ON = 'ended_at';

    /** @var list<OutingConflictDocument> */
    private array $conflicts = [];

    /**
     * @param Row      $stored
     * @param Row      $sent
     * @param Row|null $before
     */
    private function __construct(
        private readonly array $stored,
        private readonly array $sent,
        private readonly ?array $before,
    ) {
    }

    /**
     * @param Row      $stored outing documents, every field of each
     * @param Row      $sent
     * @param Row|null $before the one that the sent one was made of
     */
    public static function join(array $stored, array $sent, ?array $before): JoinedOuting
    {
        $join = new self($stored, $sent, $before);
        $own = $join->fields($stored, $sent, $before, ['id', 'version', 'stints']);
        $events = $join->events();
        $stints = $join->stints(array_column($events, self::UNDER));
        $whole = [];
        foreach ($stints as $id => $stint) {
            $under = array_filter($events, static fn (array $event): bool => $event[self::UNDER] === $id);
            $whole[] = [...$stint, 'events' => array_map(self::bare(...), array_values($under))];
        }

        $outing = [...$own, 'stints' => $whole];

        return new JoinedOuting($outing, $join->conflicts, $outing !== $stored);
    }

    /**
     * @param Row $outing an outing document
     *
     * @return Row
     */
    public static function withoutPhotos(array $outing): array
    {
        $bare = static fn (array $event): array => ['photo' => null] + $event;
        $stints = array_map(
            static fn (array $stint): array => ['events' => array_map($bare, array_values(self::rows($stint['events'] ?? [])))] + $stint,
            array_values(self::rows($outing['stints'] ?? [])),
        );

        return ['stints' => $stints] + $outing;
    }

    /** @return list<Row> with the stint each is in */
    private function events(): array
    {
        [$stored, $sent, $before] = [self::eventsOf($this->stored), self::eventsOf($this->sent), self::eventsOf($this->before)];
        $joined = [];
        foreach ($stored + $sent as $id => $event) {
            $was = $before[$id] ?? null;
            if (isset($stored[$id], $sent[$id])) {
                $hasPhoto = true === $event['has_photo'] || true === ($was['has_photo'] ?? false);
                $photo = $hasPhoto ? null : $sent[$id]['photo'];
                $joined[] = [...$this->fields($event, $sent[$id], $was, self::OWN, event: $event), 'photo' => $photo];
            } elseif (null === $was || self::said($event) !== self::said($was)) {
                $joined[] = $event;
            }
            // Else removed by one, and left alone by the other.
        }

        return $joined;
    }

    /**
     * @param list<mixed> $needed ids of stints that have events
     *
     * @return array<string, Row> without their events
     */
    private function stints(array $needed): array
    {
        [$stored, $sent, $before] = [self::stintsOf($this->stored), self::stintsOf($this->sent), self::stintsOf($this->before)];
        $joined = [];
        foreach ($stored + $sent as $id => $stint) {
            $was = $before[$id] ?? null;
            if (isset($stored[$id], $sent[$id])) {
                $joined[$id] = $this->fields($stint, $sent[$id], $was, self::OF_STINT, stint: $stint);
            } elseif ($stint !== $was || \in_array($id, $needed, true)) {
                $joined[$id] = $stint;
            }
        }

        return $joined;
    }

    /**
     * @param Row          $stored
     * @param Row          $sent
     * @param Row|null     $before
     * @param list<string> $own    fields that are kept as they are
     * @param Row|null     $stint  what they are of, where it is not the outing
     * @param Row|null     $event
     *
     * @return Row
     */
    private function fields(array $stored, array $sent, ?array $before, array $own, ?array $stint = null, ?array $event = null): array
    {
        foreach (array_diff(array_keys($stored), $own) as $name) {
            [$here, $there, $was] = [$stored[$name], $sent[$name] ?? null, $before[$name] ?? null];
            if (null === $before) {
                $takesSent = self::GOES_ON === $name && null === $here;
            } else {
                $takesSent = $here === $was;
                if (!$takesSent && $there !== $here && $there !== $was) {
                    $this->conflicts[] = $this->conflict($stint, $event, $name, $here, $there);
                }
            }
            if ($takesSent) {
                $stored[$name] = $there;
            }
        }

        return $stored;
    }

    /**
     * @param Row|null $stint
     * @param Row|null $event
     */
    private function conflict(?array $stint, ?array $event, string $field, mixed $stored, mixed $sent): OutingConflictDocument
    {
        return OutingConflictDocument::of(
            $this->stored,
            $stint,
            null === $event ? null : self::bare($event),
            $field,
            self::UNDER === $field ? $this->buildOf($stored) : $stored,
            self::UNDER === $field ? $this->buildOf($sent) : $sent,
        );
    }

    /** The lure of a stint tells more than its id. */
    private function buildOf(mixed $stint): mixed
    {
        return (self::stintsOf($this->stored) + self::stintsOf($this->sent))[\is_string($stint) ? $stint : '']['build'] ?? null;
    }

    /**
     * @param Row|null $outing
     *
     * @return array<string, Row> by id
     */
    private static function eventsOf(?array $outing): array
    {
        $events = [];
        foreach (self::rows($outing['stints'] ?? []) as $id => $stint) {
            foreach (self::rows($stint['events'] ?? [], $id) as $event => $row) {
                $events[$event] = [self::UNDER => $id] + $row;
            }
        }

        return $events;
    }

    /**
     * @param Row|null $outing
     *
     * @return array<string, Row> by id
     */
    private static function stintsOf(?array $outing): array
    {
        return array_map(
            static fn (array $stint): array => array_diff_key($stint, ['events' => true]),
            self::rows($outing['stints'] ?? []),
        );
    }

    /** @return array<string, Row> by id; one without an id is new, and goes by its place */
    private static function rows(mixed $list, string $within = ''): array
    {
        $rows = [];
        foreach (\is_array($list) ? $list : [] as $i => $row) {
            if (\is_array($row)) {
                /** @var Row $row */
                $id = $row['id'] ?? null;
                $rows[\is_string($id) ? $id : "#$within/$i"] = $row;
            }
        }

        return $rows;
    }

    /**
     * @param Row $event
     *
     * @return Row what somebody said of it
     */
    private static function said(array $event): array
    {
        $said = array_diff_key($event, array_flip(self::OWN));
        ksort($said);

        return $said;
    }

    /**
     * @param Row $event
     *
     * @return Row
     */
    private static function bare(array $event): array
    {
        return array_diff_key($event, [self::UNDER => true]);
    }
}
