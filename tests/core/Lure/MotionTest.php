<?php

declare(strict_types=1);

namespace Tests\core\Lure;

use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Motion;
use Kontrast\Lure\Pace;
use Kontrast\Measure\Length;
use PHPUnit\Framework\TestCase;

/** How fast parts move: chosen figures, held to what anglers see (common practice, no source). */
final class MotionTest extends TestCase
{
    /** 0.6 m/s, a blade of 1 in that travels 4.3 lengths a turn: 0.6/(4.3·0.0254) = 5.49 turns a second. */
    public function testABladeTurnsOnceInSoManyOfItsLengths(): void
    {
        self::assertEqualsWithDelta(5.494, Motion::ofBlade(BladeShape::Colorado, Length::inches(1), Pace::Medium), 0.001);
    }

    public function testAWillowSpinsFastAndTightAndAColoradoSlowly(): void
    {
        $turns = static fn (BladeShape $shape): float => Motion::ofBlade($shape, Length::inches(1.5), Pace::Medium);
        self::assertGreaterThan($turns(BladeShape::Indiana), $turns(BladeShape::Willow));
        self::assertGreaterThan($turns(BladeShape::Colorado), $turns(BladeShape::Indiana));
        self::assertGreaterThan($turns(BladeShape::DeepColorado), $turns(BladeShape::Colorado));
    }

    public function testTwiceTheSpeedIsTwiceTheTurnsAndALargeBladeTurnsSlower(): void
    {
        $turns = static fn (float $inches, Pace $pace): float => Motion::ofBlade(BladeShape::Indiana, Length::inches($inches), $pace);
        self::assertEqualsWithDelta(2 * $turns(1, Pace::Slow), $turns(1, Pace::Medium), 1e-9);
        self::assertEqualsWithDelta(2 * $turns(1, Pace::Medium), $turns(1, Pace::Fast), 1e-9);
        self::assertEqualsWithDelta($turns(1, Pace::Fast) / 2, $turns(2, Pace::Fast), 1e-9);
    }

    public function testABladedJigSwingsSixToTwelveTimesASecondWhateverItsSize(): void
    {
        foreach ([1.0, 2.0] as $inches) {
            $swings = static fn (Pace $pace): float => Motion::ofBlade(BladeShape::BladedJig, Length::inches($inches), $pace);
            self::assertSame([6.0, 9.0, 12.0], array_map($swings, Pace::cases()));
        }
    }

    /** A tail of 3 in that sweeps a quarter of that at 0.6 m/s, by a Strouhal number of 0.3 (Taylor, Nudds & Thomas 2003): 9.4 beats. */
    public function testATrailerBeatsAsTheTailOfAFishDoes(): void
    {
        self::assertEqualsWithDelta(9.449, Motion::ofTrailer(Length::inches(3), Pace::Medium), 0.001);
        self::assertGreaterThan(Motion::ofTrailer(Length::inches(4), Pace::Medium), Motion::ofTrailer(Length::inches(3), Pace::Medium));
    }
}
