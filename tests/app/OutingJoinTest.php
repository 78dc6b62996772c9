<?php

declare(strict_types=1);

namespace Tests\app;

use App\Contract\Outing\OutingConflictDocument;
use App\UseCase\Outing\JoinedOuting;
use App\UseCase\Outing\OutingJoin;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What is stored and what is sent, joined: lures tied and taken back, events that moved, pictures, and what both have changed. */
final class OutingJoinTest extends TestCase
{
    private const TRIALS = 400;

    public function testWithoutOneBeforeItWhatIsNotThereIsAddedAndWhatGoesOnIsEnded(): void
    {
        $stored = self::outing([self::stint('a', [self::event('e', ['note' => 'here'])])]);
        $file = self::outing(
            [self::stint('a', [self::event('e', ['note' => 'there'])], ['ended_at' => '10:00']), self::stint('b', [self::event('f')])],
            ['ended_at' => '11:00', 'note' => 'there'],
        );
        $join = OutingJoin::join($stored, $file, null);
        $joined = $join->outing;
        self::assertSame([true, []], [$join->isNews, $join->conflicts]);
        self::assertSame(['a' => ['e'], 'b' => ['f']], self::ids($joined));
        self::assertSame(['here', '10:00'], [self::events($joined)['e']['note'], self::stints($joined)['a']['ended_at']]);
        self::assertSame(['11:00', ''], [$joined['ended_at'], $joined['note']]);
        self::assertEquals(new JoinedOuting($joined, [], false), OutingJoin::join($joined, $file, $file), 'Joined once, it is joined.');
    }

    public function testWhatEachChangedOfOneThingStays(): void
    {
        $before = self::outing([self::stint('a', [self::event('e')])]);
        $stored = self::outing([self::stint('a', [self::event('e', ['note' => 'big'])])], ['ended_at' => '11:00', 'version' => 4]);
        $sent = self::outing([self::stint('a', [self::event('e', ['length_in' => 15])])], ['note' => 'North wind']);
        $joined = OutingJoin::join($stored, $sent, $before);
        self::assertSame([], $joined->conflicts);
        self::assertSame([4, '11:00', 'North wind'], [$joined->outing['version'], $joined->outing['ended_at'], $joined->outing['note']]);
        $event = self::events($joined->outing)['e'];
        self::assertSame(['big', 15], [$event['note'], $event['length_in']]);
    }

    public function testWhatBothChangedStaysAsItIsStoredAndIsTold(): void
    {
        $before = self::outing([self::stint('a', [self::event('e')])]);
        $stored = self::outing([self::stint('a', [self::event('e', ['note' => 'by the dock'])])], ['note' => 'Stored']);
        $sent = self::outing([self::stint('a', [self::event('e', ['note' => 'off the point'])])], ['note' => 'Sent']);
        $asked = OutingJoin::join($stored, $sent, $before);
        self::assertSame($stored, $asked->outing);
        self::assertSame([[null, 'note', 'Stored', 'Sent'], ['e', 'note', 'by the dock', 'off the point']], self::told($asked));
        self::assertSame([], self::told(OutingJoin::join($stored, ['note' => 'Stored'] + $before, $before)), 'both say the same');
    }

    public function testAnEventThatBothMovedIsToldByTheLures(): void
    {
        $lures = static fn (array $events): array => array_map(
            static fn (string $id): array => self::stint($id, $id === $events[0] ? [self::event('e')] : [], ['build' => "build $id"]),
            ['a', 'b', 'c'],
        );
        $asked = OutingJoin::join(self::outing($lures(['b'])), self::outing($lures(['c'])), self::outing($lures(['a'])));
        self::assertSame([['e', 'under', 'build b', 'build c']], self::told($asked));
        self::assertSame(['a' => [], 'b' => ['e'], 'c' => []], self::ids($asked->outing));
    }

    public function testWhatOneRemovedAndTheOtherChangedStays(): void
    {
        $before = self::outing([self::stint('a', [self::event('e')])]);
        $without = self::outing([self::stint('a')]);
        $changed = self::outing([self::stint('a', [self::event('e', ['note' => 'big'])])]);
        foreach ([[$without, $changed], [$changed, $without]] as [$stored, $sent]) {
            self::assertSame(['a' => ['e']], self::ids(OutingJoin::join($stored, $sent, $before)->outing));
        }
        foreach ([[$without, $before], [$before, $without]] as [$stored, $sent]) {
            self::assertSame(['a' => []], self::ids(OutingJoin::join($stored, $sent, $before)->outing));
        }
    }

    /** Properties of any three-way join, over many outings drawn by chance from a fixed seed. */
    public function testWhateverTwoDo(): void
    {
        $chance = new Randomizer(new Mt19937(20261126));
        for ($i = 0; $i < self::TRIALS; ++$i) {
            [$before, $stored, $sent] = [self::drawn($chance), self::drawn($chance), self::drawn($chance)];
            $joined = OutingJoin::join($stored, $before, $before)->outing;
            self::assertEquals($stored, $joined, 'Who changed nothing takes what the other has.');
            $taken = OutingJoin::join($before, $sent, $before);
            self::assertSame([], $taken->conflicts);
            self::assertSame(self::sorted($sent), self::sorted($taken->outing), 'And the other way round.');

            $joined = OutingJoin::join($stored, $sent, $before);
            $there = self::allIds($joined->outing);
            self::assertSame(array_unique($there), $there, 'Nothing is there twice.');
            $added = array_diff([...self::allIds($stored), ...self::allIds($sent)], self::allIds($before));
            self::assertSame([], array_diff($added, $there), 'What either added is there.');
        }
    }

    public function testWhatHasNoIdYetIsAddedWhereverItStands(): void
    {
        $stored = self::outing([self::stint('a'), self::stint('b')]);
        $new = ['id' => null] + self::event('none');
        $file = self::outing([self::stint('a', [$new, $new]), self::stint('b', [$new])]);
        $joined = OutingJoin::join($stored, $file, null)->outing;
        self::assertSame([2, 1], array_map(
            static fn (array $stint): int => \is_array($stint['events']) ? \count($stint['events']) : 0,
            array_values(self::stints($joined)),
        ));
    }

    public function testALureTakenBackOnThePhoneIsGoneWhereItWasLeftAloneHere(): void
    {
        $before = self::outing([self::stint('a', [self::event('e')]), self::stint('b')]);
        $file = self::outing([self::stint('a', [self::event('e')])]);
        self::assertSame(['a' => ['e']], self::ids(OutingJoin::join($before, $file, $before)->outing));
        $changed = self::outing([self::stint('a', [self::event('e')]), self::stint('b', [], ['ended_at' => '10:00'])]);
        self::assertSame(['a' => ['e'], 'b' => []], self::ids(OutingJoin::join($changed, $file, $before)->outing));
    }

    public function testALureRemovedHereComesBackOnlyForWhatWasNotedUnderItSince(): void
    {
        $before = self::outing([self::stint('a'), self::stint('b', [self::event('e')])]);
        $stored = self::outing([self::stint('a')]);
        self::assertSame(['a' => []], self::ids(OutingJoin::join($stored, $before, $before)->outing));
        $file = self::outing([self::stint('a'), self::stint('b', [self::event('e'), self::event('f')])]);
        self::assertSame(['a' => [], 'b' => ['f']], self::ids(OutingJoin::join($stored, $file, $before)->outing));
    }

    public function testAnEventFollowsItsLureWhereverItWasMoved(): void
    {
        $before = self::outing([self::stint('a', [self::event('e')])]);
        $moved = self::outing([self::stint('a'), self::stint('b', [self::event('e')])]);
        self::assertSame(['a' => [], 'b' => ['e']], self::ids(OutingJoin::join($before, $moved, $before)->outing), 'on the phone');
        self::assertSame(['a' => [], 'b' => ['e']], self::ids(OutingJoin::join($moved, $before, $before)->outing), 'here');
    }

    public function testAPictureIsTakenOnceAndNotBroughtBack(): void
    {
        $said = self::outing([self::stint('a', [self::event('e', ['has_photo' => true, 'photo' => 'jpeg'])])]);
        $none = self::outing([self::stint('a', [self::event('e')])]);
        $there = self::outing([self::stint('a', [self::event('e', ['has_photo' => true])])]);
        self::assertSame('jpeg', self::events(OutingJoin::join($none, $said, $none)->outing)['e']['photo'], 'new');
        self::assertNull(self::events(OutingJoin::join($there, $said, $none)->outing)['e']['photo'], 'there already');
        $removed = OutingJoin::join($none, $said, OutingJoin::withoutPhotos($said))->outing;
        self::assertNull(self::events($removed)['e']['photo'], 'removed here');
    }

    /**
     * @param array<string, mixed> $outing
     *
     * @return array<string, list<string>> the same, whatever their order
     */
    private static function sorted(array $outing): array
    {
        return array_map(static function (array $ids): array {
            sort($ids);

            return $ids;
        }, self::ids($outing));
    }

    /**
     * @param array<string, mixed> $outing
     *
     * @return list<string>
     */
    private static function allIds(array $outing): array
    {
        return array_merge(...array_values(self::ids($outing)));
    }

    /** @return list<list<mixed>> event, field and both versions of each conflict */
    private static function told(JoinedOuting $joined): array
    {
        return array_map(
            static fn (OutingConflictDocument $one): array => [$one->event['id'] ?? null, $one->field, $one->stored, $one->sent],
            $joined->conflicts,
        );
    }

    /** @return array<string, mixed> an outing of two lures with some of five events, each under one of them */
    private static function drawn(Randomizer $chance): array
    {
        $under = ['a' => [], 'b' => []];
        foreach (['e', 'f', 'g', 'h', 'i'] as $id) {
            $where = $chance->getInt(0, 2);
            if ($where < 2) {
                $under['ab'[$where]][] = self::event($id, ['note' => ['', 'x', 'y'][$chance->getInt(0, 2)]]);
            }
        }
        $note = ['', 'x', 'y'][$chance->getInt(0, 2)];

        return self::outing([self::stint('a', $under['a']), self::stint('b', $under['b'])], ['note' => $note]);
    }

    /**
     * @param list<array<string, mixed>> $stints
     * @param array<string, mixed>       $more
     *
     * @return array<string, mixed>
     */
    private static function outing(array $stints, array $more = []): array
    {
        return [...['id' => 'o', 'version' => 1, 'ended_at' => null, 'note' => ''], ...$more, 'stints' => $stints];
    }

    /**
     * @param list<array<string, mixed>> $events
     * @param array<string, mixed>       $more
     *
     * @return array<string, mixed>
     */
    private static function stint(string $id, array $events = [], array $more = []): array
    {
        return [...['id' => $id, 'ended_at' => null], ...$more, 'events' => $events];
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private static function event(string $id, array $more = []): array
    {
        return [...['id' => $id, 'note' => '', 'length_in' => null, 'taken' => [], 'has_photo' => false, 'photo' => null], ...$more];
    }

    /**
     * @param array<string, mixed> $outing
     *
     * @return array<string, array<mixed>> by id
     */
    private static function stints(array $outing): array
    {
        return self::byId($outing['stints']);
    }

    /**
     * @param array<string, mixed> $outing
     *
     * @return array<string, array<mixed>> by id
     */
    private static function events(array $outing): array
    {
        $events = array_map(static fn (array $stint): array => self::byId($stint['events']), self::stints($outing));

        return array_merge(...array_values($events));
    }

    /** @return array<string, array<mixed>> */
    private static function byId(mixed $rows): array
    {
        $byId = [];
        foreach (\is_array($rows) ? $rows : [] as $row) {
            if (\is_array($row) && \is_string($row['id'])) {
                $byId[$row['id']] = $row;
            }
        }

        return $byId;
    }

    /**
     * @param array<string, mixed> $outing
     *
     * @return array<string, list<string>> of the events, by the stint they are under
     */
    private static function ids(array $outing): array
    {
        return array_map(static fn (array $stint): array => array_keys(self::byId($stint['events'])), self::stints($outing));
    }
}
