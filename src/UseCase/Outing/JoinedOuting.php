<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

/**
 * An outing that is kept, and the same one in a file that a phone hands back: what either says anew since the file before it, stays.
 * Where both have changed the same thing, what is kept stays; what was removed here is not brought back. Without a file before it
 * nobody knows who said what last: then only what is not there yet is added, and what goes on is ended.
 *
 * @phpstan-type Row array<string, mixed>
 */
final readonly class JoinedOuting
{
    /** What the program itself says of an event. */
    private const OWN = ['id', 'taken', 'has_photo', 'photo'];
    /** Which stint an event is in, beside its own fields: one that was moved is still the same. */
    private const UNDER = 'under';
    private const GOES_ON = 'ended_at';

    /**
     * @param Row      $kept
     * @param Row      $file
     * @param Row|null $before
     */
    private function __construct(private array $kept, private array $file, private ?array $before)
    {
    }

    /**
     * @param Row      $kept   outing documents, every field of each
     * @param Row      $file
     * @param Row|null $before what the phone's last file said
     *
     * @return Row an outing document
     */
    public static function of(array $kept, array $file, ?array $before): array
    {
        $join = new self($kept, $file, $before);
        $events = $join->events();
        $whole = [];
        foreach ($join->stints(array_column($events, self::UNDER)) as $id => $stint) {
            $own = array_filter($events, static fn (array $event): bool => $event[self::UNDER] === $id);
            $whole[] = [...$stint, 'events' => array_map(self::bare(...), array_values($own))];
        }

        return [...$join->fields($kept, $file, $before, ['id', 'version', 'stints']), 'stints' => $whole];
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
        [$kept, $file, $before] = [self::eventsOf($this->kept), self::eventsOf($this->file), self::eventsOf($this->before)];
        $joined = [];
        foreach ($kept as $id => $event) {
            $was = $before[$id] ?? null;
            if (isset($file[$id])) {
                $hasPhoto = true === $event['has_photo'] || true === ($was['has_photo'] ?? false);
                $photo = $hasPhoto ? null : $file[$id]['photo'];
                $joined[] = [...$this->fields($event, $file[$id], $was, self::OWN), 'photo' => $photo];
            } elseif (null === $was || self::said($event) !== self::said($was)) {
                $joined[] = $event;
            }
            // Else taken back on the phone, and left alone here.
        }

        return [...$joined, ...array_values(array_diff_key($file, $kept, $before))];
    }

    /**
     * @param list<mixed> $needed ids of stints that have events
     *
     * @return array<string, Row> without their events
     */
    private function stints(array $needed): array
    {
        [$kept, $file, $before] = [self::stintsOf($this->kept), self::stintsOf($this->file), self::stintsOf($this->before)];
        $joined = [];
        foreach ($kept + $file as $id => $stint) {
            $was = $before[$id] ?? null;
            if (isset($kept[$id], $file[$id])) {
                $joined[$id] = $this->fields($stint, $file[$id], $was, ['id']);
                continue;
            }
            $isGone = null !== $was && (!isset($kept[$id]) || $stint === $was);
            if (!$isGone || \in_array($id, $needed, true)) {
                $joined[$id] = $stint;
            }
        }

        return $joined;
    }

    /**
     * @param Row          $kept
     * @param Row          $file
     * @param Row|null     $before
     * @param list<string> $own    fields that are kept as they are
     *
     * @return Row
     */
    private function fields(array $kept, array $file, ?array $before, array $own): array
    {
        foreach (array_diff(array_keys($kept), $own) as $name) {
            $isUntouched = null === $before
                ? self::GOES_ON === $name && null === $kept[$name]
                : $kept[$name] === ($before[$name] ?? null);
            if ($isUntouched) {
                $kept[$name] = $file[$name] ?? null;
            }
        }

        return $kept;
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

    /** @return array<string, Row> by id; one without an id is one that nobody knows, and is told apart by its place */
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
