<?php

declare(strict_types=1);

namespace Tests\app;

use Kontrast\Practice\Lesson;

/** Questions to practice on, the answers that are stored, and what they come to. */
final class PracticeApiTest extends OutingTestCase
{
    private const ID = '01a231b8-6e91-71fe-9cd6-21aeec259f85';

    public function testEachLessonIsMadeUpWithAllItTakesToAnswerIt(): void
    {
        foreach (['tie' => 'waters', 'seeing' => 'sightings', 'visibility' => 'guesses', 'mistake' => 'flawed'] as $lesson => $list) {
            $session = $this->ask($lesson);
            self::assertSame(200, $this->answered(), $lesson);
            self::assertNotSame([], self::listAt($session, $list, 0), $lesson);
        }
        $water = self::listAt($this->ask('tie'), 'waters', 0);
        self::assertSame($water, self::listAt($this->ask('tie'), 'waters', 0), 'The same seed asks the same.');
        self::assertIsArray($water['choices']);
        self::assertCount(9, self::listAt($water, 'column', 'colours'));
    }

    public function testOfThePartsOwnedNothingElseIsLaidOut(): void
    {
        $this->ask('tie', ['owned' => true]);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('Your parts make no whole lure yet', $this->faults()['owned']);
    }

    /** Whichever water is drawn, a box that makes one kind of lure is asked for that one. */
    public function testABoxThatMakesJigsOnlyIsAskedForJigs(): void
    {
        $this->send('POST', '/api/parts', [Samples::head(), Samples::skirt(), Samples::craw()]);
        for ($seed = 1; $seed <= 6; ++$seed) {
            $waters = self::listAt($this->ask('tie', ['owned' => true, 'seed' => $seed, 'count' => 1]), 'waters');
            self::assertSame(200, $this->answered(), "seed $seed");
            self::assertIsArray($waters[0]);
            self::assertIsArray($waters[0]['reading']);
            self::assertSame('jig', $waters[0]['reading']['lure'], "seed $seed");
        }
    }

    public function testAnAnswerIsStoredOnceHoweverOftenItIsSent(): void
    {
        $answer = [
            'id' => self::ID, 'at' => '2026-11-20T20:00:00Z', 'lesson' => 'tie', 'right' => false, 'card' => 'B8', 'topic' => 'clarity',
            'level' => 1, 'points' => 41,
        ];
        $this->send('POST', '/api/practice-answers', $answer);
        self::assertSame(201, $this->answered());
        $this->send('POST', '/api/practice-answers', $answer);
        self::assertSame(422, $this->answered());
        $stored = self::listAt($this->send('GET', '/api/practice-answers'));
        self::assertCount(1, $stored);
        self::assertIsArray($stored[0]);
        self::assertSame('2026-11-20T20:00:00+00:00', $stored[0]['at']);
    }

    /** Two devices that gave answers while apart have both of them, in the order in which they were given. */
    public function testAnswersOfTwoDevicesStandInTheOrderTheyWereGiven(): void
    {
        foreach (['2026-11-20T20:00:00Z', '2026-11-22T20:00:00Z', '2026-11-21T20:00:00Z'] as $i => $at) {
            $this->send('POST', '/api/practice-answers', ['at' => $at, 'lesson' => 'tie', 'right' => 1 !== $i, 'card' => 'B8']);
            self::assertSame(201, $this->answered());
        }
        $days = array_map(
            static fn (mixed $one): string => \is_array($one) && \is_string($one['at']) ? substr($one['at'], 0, 10) : '',
            self::listAt($this->send('GET', '/api/practice-answers')),
        );
        self::assertSame(['2026-11-20', '2026-11-21', '2026-11-22'], $days);
    }

    public function testProgressIsWhatTheAnswersComeTo(): void
    {
        $empty = $this->send('GET', '/api/practice');
        self::assertIsArray($empty);
        self::assertSame(1, $empty['level']);
        self::assertNull($empty['bias']);
        foreach (Lesson::cases() as $lesson) {
            self::assertIsArray($empty['answered']);
            self::assertSame(0, $empty['answered'][$lesson->value]);
        }
        for ($i = 0; $i < 5; ++$i) {
            $given = ['lesson' => 'tie', 'right' => true, 'card' => 'B8', 'topic' => 'clarity', 'level' => 1];
            $this->send('POST', '/api/practice-answers', $given);
        }
        $this->send('POST', '/api/practice-answers', ['lesson' => 'visibility', 'right' => false, 'guess_in' => 30, 'truth_in' => 20]);
        $this->send('POST', '/api/practice-answers', ['lesson' => 'seeing', 'right' => false, 'ratio' => 5]);
        $after = $this->send('GET', '/api/practice');
        self::assertIsArray($after);
        self::assertSame(2, $after['level']);
        self::assertSame(1.5, $after['bias']);
        self::assertGreaterThan($empty['threshold'], $after['threshold']);
        $clarity = array_diff_key(self::listAt($after, 'topics', 0), ['days' => 0]);
        self::assertSame(['topic' => 'clarity', 'answered' => 5, 'right' => 5], $clarity);
        self::assertNotSame([], self::listAt($after, 'cards'));
    }

    public function testWhatCannotBeAnAnswerIsRefusedByItsField(): void
    {
        foreach ([
            [['lesson' => 'tie', 'right' => true, 'level' => 9], 'level'],
            [['lesson' => 'singing', 'right' => true], 'lesson'],
            [['lesson' => 'visibility', 'right' => true, 'guess_in' => 0], 'guess_in'],
            [['lesson' => 'tie', 'right' => true, 'points' => 101], 'points'],
        ] as [$answer, $field]) {
            $this->send('POST', '/api/practice-answers', $answer);
            self::assertSame(422, $this->answered());
            self::assertSame([$field], array_keys($this->faults()));
        }
        $this->ask('tie', ['count' => 11]);
        self::assertSame(422, $this->answered());
        $this->ask('tie', ['seed' => -1]);
        self::assertSame(422, $this->answered());
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<mixed>|null
     */
    private function ask(string $lesson, array $more = []): ?array
    {
        return $this->send('POST', '/api/practice', $more + ['lesson' => $lesson, 'seed' => 7, 'count' => 'seeing' === $lesson ? 1 : 2]);
    }
}
