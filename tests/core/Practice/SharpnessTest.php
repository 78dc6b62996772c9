<?php

declare(strict_types=1);

namespace Tests\core\Practice;

use Kontrast\Practice\Sharpness;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** An eye that answers by a curve of its own is told from its answers. The curve: Wichmann & Hill 2001 (from memory). */
final class SharpnessTest extends TestCase
{
    /** How often each ratio is asked: so often that chance is out of it. */
    private const TIMES = 120;

    /** @return iterable<string, array{float, float}> threshold and slope */
    public static function eyes(): iterable
    {
        foreach ([1.2, 2.0, 4.0, 9.0] as $threshold) {
            foreach ([0.15, 0.25, 0.4, 0.6, 0.9] as $slope) {
                yield "threshold $threshold, slope $slope" => [$threshold, $slope];
            }
        }
    }

    #[DataProvider('eyes')]
    public function testAnEyeIsToldFromItsAnswers(float $threshold, float $slope): void
    {
        $curve = static fn (float $ratio): float => 0.5 + 0.48 / (1 + exp(-(log($ratio) - log($threshold)) / $slope));
        $ratios = array_map(static fn (int $i): float => 1.05 * 1.2 ** $i, range(0, 14));
        $answers = [];
        foreach ($ratios as $ratio) {
            $right = (int) round(self::TIMES * $curve($ratio));
            for ($i = 0; $i < self::TIMES; ++$i) {
                $answers[] = [$ratio, $i < $right];
            }
        }
        $eye = Sharpness::of($answers);
        foreach ($ratios as $ratio) {
            self::assertEqualsWithDelta($curve($ratio), $eye->share($ratio), 0.015, "at $ratio");
        }
    }

    /**
     * Before any answer the threshold is about where two and a half times as far is, give or take 0.6 in logarithms, and never past what is
     * asked: the mean of a normal distribution cut off at both ends (Johnson, Kotz & Balakrishnan 1994, 13.10; from memory).
     */
    public function testBeforeAnyAnswerItIsWhatOneWouldThink(): void
    {
        $bell = static fn (float $z): float => exp(-$z * $z / 2);
        [$low, $high] = [(log(1.1) - log(2.5)) / 0.6, (log(12.0) - log(2.5)) / 0.6];
        // The area between them, by Simpson's rule.
        $steps = 1000;
        $area = 0.0;
        for ($i = 0; $i <= $steps; ++$i) {
            $weight = 0 === $i || $steps === $i ? 1 : (0 === $i % 2 ? 2 : 4);
            $area += $weight * $bell($low + $i / $steps * ($high - $low)) * ($high - $low) / $steps / 3;
        }
        $mean = log(2.5) + 0.6 * ($bell($low) - $bell($high)) / $area;
        self::assertEqualsWithDelta($mean, log(Sharpness::of([])->threshold()), 0.02);
    }
}
