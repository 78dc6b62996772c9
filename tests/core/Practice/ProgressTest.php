<?php

declare(strict_types=1);

namespace Tests\core\Practice;

use Kontrast\Lure\LureKind;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Practice\Answered;
use Kontrast\Practice\Lesson;
use Kontrast\Practice\Plausible;
use Kontrast\Practice\Progress;
use Kontrast\Practice\Topic;
use Kontrast\Practice\WaterColumn;
use Kontrast\Practice\Waters;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Engine;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** What answers come to, and the waters that are guessed. */
final class ProgressTest extends TestCase
{
    public function testTheNextWaterIsHarderWhereItGoesWellAndEasierWhereItDoesNot(): void
    {
        self::assertSame(1, self::after([])->level());
        self::assertSame(1, self::after([true, true, true, true])->level());
        self::assertSame(2, self::after([true, true, false, true, true])->level());
        self::assertSame(3, self::after(array_fill(0, 10, true))->level());
        self::assertSame(5, self::after(array_fill(0, 60, true))->level());
        self::assertSame(2, self::after([...array_fill(0, 10, true), ...array_fill(0, 5, false)])->level());
        self::assertSame(1, self::after(array_fill(0, 30, false))->level());
    }

    public function testTopicsAreCountedByDay(): void
    {
        $progress = new Progress([
            self::answer('2026-11-01T20:00:00Z', true, Topic::Light),
            self::answer('2026-11-01T20:05:00Z', false, Topic::Light),
            self::answer('2026-11-02T20:00:00Z', true, Topic::Light),
            self::answer('2026-11-02T20:01:00Z', true, Topic::Sets),
        ]);
        $topics = array_column($progress->topics(), null, 'answered');
        self::assertSame(Topic::Light, $topics[3]['topic']);
        self::assertSame(2, $topics[3]['right']);
        self::assertSame([['2026-11-01', 2, 1], ['2026-11-02', 1, 1]], $topics[3]['days']);
        self::assertCount(\count(Topic::cases()), $progress->topics());
    }

    public function testABiasIsTheMiddleGuessOverTheTruth(): void
    {
        $guess = static fn (float $guess, float $truth): Answered => new Answered(
            new \DateTimeImmutable('2026-11-01'),
            Lesson::Visibility,
            true,
            guess: Length::inches($guess),
            truth: Length::inches($truth),
        );
        self::assertNull((new Progress([]))->bias());
        self::assertEqualsWithDelta(1.5, (new Progress([$guess(30, 20), $guess(10, 20), $guess(60, 20)]))->bias(), 1e-9);
        self::assertEqualsWithDelta(1.0, (new Progress([$guess(40, 20), $guess(10, 20)]))->bias(), 1e-9);
    }

    /** The stick goes out of sight within the picture, not at its very end, and the water grows darker downward. */
    public function testAWaterIsDrawnSoThatItsStickGoesOutOfSight(): void
    {
        foreach ((new Waters(Engine::standard()))->draw(20261204, 40) as $one) {
            $share = $one['reading']->visibility->inInches() / $one['column']->reach->inInches();
            self::assertLessThanOrEqual(0.81, $share, $one['id']);
            self::assertGreaterThan(0.05, $share, $one['id']);
            self::assertCount(9, $one['column']->colours);
            $sum = static fn (string $hex): float => (float) array_sum(array_map(hexdec(...), str_split(substr($hex, 1), 2)));
            self::assertGreaterThanOrEqual($sum($one['column']->colours[8]), $sum($one['column']->colours[0]), $one['id']);
        }
    }

    public function testHowDeepAPictureReachesIsNoHint(): void
    {
        $reading = Readings::of(LureKind::Jig);
        self::assertNotEquals(WaterColumn::of($reading, 0.0)->reach, WaterColumn::of($reading, 0.9)->reach);
    }

    public function testSeasonAndTemperatureGoTogether(): void
    {
        $hot = Readings::of(LureKind::Jig)->with(season: Season::Winter, surface: Temperature::fahrenheit(80));
        self::assertSame(Season::Summer, Plausible::of($hot, false)->season);
        self::assertEqualsWithDelta(44.0, Plausible::of($hot, true)->surface?->inFahrenheit() ?? 0.0, 0.01);
        $fits = Readings::of(LureKind::Jig)->with(season: Season::Spring, surface: Temperature::fahrenheit(60));
        self::assertSame($fits, Plausible::of($fits, false));
    }

    /** @param list<bool> $answers */
    private static function after(array $answers): Progress
    {
        return new Progress(array_map(static fn (bool $isRight): Answered => self::answer('2026-11-01', $isRight, Topic::Light), $answers));
    }

    private static function answer(string $at, bool $isRight, Topic $topic): Answered
    {
        return new Answered(new \DateTimeImmutable($at), Lesson::Tie, $isRight, $topic, 1);
    }
}
