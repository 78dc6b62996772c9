<?php

declare(strict_types=1);

namespace Tests\app;

use App\UseCase\Outing\JoinedOuting;
use PHPUnit\Framework\TestCase;

/** What is kept and what a phone hands back, joined: lures tied and taken back, events that moved, pictures. */
final class JoinedOutingTest extends TestCase
{
    public function testWithoutAFileBeforeItWhatIsNotThereIsAddedAndWhatGoesOnIsEnded(): void
    {
        $kept = self::outing([self::stint('a', [self::event('e', ['note' => 'here'])])]);
        $file = self::outing(
            [self::stint('a', [self::event('e', ['note' => 'there'])], ['ended_at' => '10:00']), self::stint('b', [self::event('f')])],
            ['ended_at' => '11:00', 'note' => 'there'],
        );
        $joined = JoinedOuting::of($kept, $file, null);
        self::assertSame(['a' => ['e'], 'b' => ['f']], self::ids($joined));
        self::assertSame(['here', '10:00'], [self::events($joined)['e']['note'], self::stints($joined)['a']['ended_at']]);
        self::assertSame(['11:00', ''], [$joined['ended_at'], $joined['note']]);
        self::assertSame($joined, JoinedOuting::of($joined, $file, $file), 'Joined once, it is joined.');
    }

    public function testWhatHasNoIdYetIsAddedWhereverItStands(): void
    {
        $kept = self::outing([self::stint('a'), self::stint('b')]);
        $new = ['id' => null] + self::event('none');
        $joined = JoinedOuting::of($kept, self::outing([self::stint('a', [$new, $new]), self::stint('b', [$new])]), null);
        self::assertSame([2, 1], array_map(
            static fn (array $stint): int => \is_array($stint['events']) ? \count($stint['events']) : 0,
            array_values(self::stints($joined)),
        ));
    }

    public function testALureTakenBackOnThePhoneIsGoneWhereItWasLeftAloneHere(): void
    {
        $before = self::outing([self::stint('a', [self::event('e')]), self::stint('b')]);
        $file = self::outing([self::stint('a', [self::event('e')])]);
        self::assertSame(['a' => ['e']], self::ids(JoinedOuting::of($before, $file, $before)));
        $changed = self::outing([self::stint('a', [self::event('e')]), self::stint('b', [], ['ended_at' => '10:00'])]);
        self::assertSame(['a' => ['e'], 'b' => []], self::ids(JoinedOuting::of($changed, $file, $before)));
    }

    public function testALureRemovedHereComesBackOnlyForWhatWasNotedUnderItSince(): void
    {
        $before = self::outing([self::stint('a'), self::stint('b', [self::event('e')])]);
        $kept = self::outing([self::stint('a')]);
        self::assertSame(['a' => []], self::ids(JoinedOuting::of($kept, $before, $before)));
        $file = self::outing([self::stint('a'), self::stint('b', [self::event('e'), self::event('f')])]);
        self::assertSame(['a' => [], 'b' => ['f']], self::ids(JoinedOuting::of($kept, $file, $before)));
    }

    public function testAnEventFollowsItsLureWhereverItWasMoved(): void
    {
        $before = self::outing([self::stint('a', [self::event('e')])]);
        $moved = self::outing([self::stint('a'), self::stint('b', [self::event('e')])]);
        self::assertSame(['a' => [], 'b' => ['e']], self::ids(JoinedOuting::of($before, $moved, $before)), 'on the phone');
        self::assertSame(['a' => [], 'b' => ['e']], self::ids(JoinedOuting::of($moved, $before, $before)), 'here');
    }

    public function testAPictureIsTakenOnceAndNotBroughtBack(): void
    {
        $said = self::outing([self::stint('a', [self::event('e', ['has_photo' => true, 'photo' => 'jpeg'])])]);
        $none = self::outing([self::stint('a', [self::event('e')])]);
        $there = self::outing([self::stint('a', [self::event('e', ['has_photo' => true])])]);
        self::assertSame('jpeg', self::events(JoinedOuting::of($none, $said, $none))['e']['photo'], 'new');
        self::assertNull(self::events(JoinedOuting::of($there, $said, $none))['e']['photo'], 'there already');
        self::assertNull(self::events(JoinedOuting::of($none, $said, JoinedOuting::withoutPhotos($said)))['e']['photo'], 'removed here');
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
        return [...['id' => $id, 'note' => '', 'taken' => [], 'has_photo' => false, 'photo' => null], ...$more];
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
     * @return array<string, list<mixed>>
     */
    private static function ids(array $outing): array
    {
        return array_map(static fn (array $stint): array => array_keys(self::byId($stint['events'])), self::stints($outing));
    }
}
