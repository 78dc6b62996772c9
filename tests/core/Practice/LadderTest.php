<?php

declare(strict_types=1);

namespace Tests\core\Practice;

use Kontrast\Practice\Ladder;
use Kontrast\Practice\LookedAt;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Reason;
use PHPUnit\Framework\TestCase;

/** First lessons: their waters are chosen, and the rules have to bear out what they show. */
final class LadderTest extends TestCase
{
    /** Common practice, no source: what each lesson has to come to (S10, S12, S8; M1 to M4; P1; T7, T1, T2). */
    public function testEachLessonShowsWhatItTeaches(): void
    {
        foreach ([
            [Ladder::Clarity, ['black', 'green_pumpkin', 'smoke']],
            [Ladder::Sets, ['dark', 'bright', 'flash', 'dull']],
            [Ladder::Pairing, ['match', null, 'contrast']],
            [Ladder::Trailer, ['chunk', 'craw', 'paddle_tail']],
        ] as [$ladder, $expected]) {
            self::assertCount(3, $ladder->screens(), $ladder->title());
            $shown = [];
            foreach (array_merge(...$ladder->screens()) as $reading) {
                $advice = Adviser::standard()->advise($reading);
                $shown[] = LookedAt::in($advice->build, $ladder->slot());
                $reasons = array_filter($advice->reasons, static fn (Reason $reason): bool => $reason->slot === $ladder->slot());
                self::assertNotSame([], $reasons, $ladder->title());
            }
            foreach ($expected as $i => $value) {
                self::assertSame($value ?? $shown[$i], $shown[$i], $ladder->title());
            }
        }
    }
}
