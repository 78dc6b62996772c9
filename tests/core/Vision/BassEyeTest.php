<?php

declare(strict_types=1);

namespace Tests\core\Vision;

use Kontrast\Vision\BassEye;
use Kontrast\Vision\ReceptorNoise;
use Kontrast\Vision\VisualPigment;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class BassEyeTest extends TestCase
{
    /** Govardovskii et al. 2000: the template peaks at its λmax, at about 1. */
    #[DataProvider('pigments')]
    public function testAPigmentPeaksWhereItShould(float $peak): void
    {
        $best = 0.0;
        for ($nm = 400.0; $nm <= 700.0; $nm += 0.1) {
            $best = VisualPigment::absorbance($nm, $peak) > VisualPigment::absorbance(max(400.0, $best), $peak) ? $nm : $best;
        }
        self::assertEqualsWithDelta($peak, $best, 1.0);
        self::assertEqualsWithDelta(1.0, VisualPigment::absorbance($best, $peak), 0.02);
    }

    /** @return iterable<string, array{float}> */
    public static function pigments(): iterable
    {
        yield 'green cone' => [BassEye::GREEN_CONE_NM];
        yield 'red cone' => [BassEye::RED_CONE_NM];
        yield 'rod' => [BassEye::ROD_NM];
    }

    /**
     * An A2 pigment is broader than an A1 pigment of the same peak, and reaches farther into the red: the A1 α-band evaluated here from
     * its printed constants (Govardovskii et al. 2000, equation 1, a = 0.88 as given for λmax between 450 and 600 nm).
     */
    public function testAnA2BandIsBroaderAndRedderThanAnA1BandOfTheSamePeak(): void
    {
        foreach ([500.0, 528.0, 535.0] as $peak) {
            $a1 = static function (float $nm) use ($peak): float {
                $x = $peak / $nm;

                return 1 / (exp(69.7 * (0.88 - $x)) + exp(28 * (0.922 - $x)) + exp(-14.9 * (1.104 - $x)) + 0.674);
            };
            $a2 = static fn (float $nm): float => VisualPigment::absorbance($nm, $peak);
            self::assertGreaterThan(1.05, self::width($a2, $peak) / self::width($a1, $peak));
            self::assertLessThan(1.3, self::width($a2, $peak) / self::width($a1, $peak));
            self::assertGreaterThan(1.3 * $a1($peak + 60), $a2($peak + 60));
        }
    }

    /**
     * At points read off the printed equations by hand, λmax 614 nm. At 614: x = 1, A = 62.7 + 1.834·e^(−11/54.2) = 64.1972,
     * a = 0.875 + 0.0268·e^(−51/40.7) = 0.882655; e^(A(a−1)) = 0.000535, e^(20.85·(−0.0899)) = 0.153475, e^(−10.37·0.1123) = 0.312045,
     * the sum with 0.5343 is 1.000355. β about 392.9 nm adds nothing at 614.
     */
    public function testTheRedConeAsWorkedByHand(): void
    {
        self::assertEqualsWithDelta(1 / 1.000355, VisualPigment::absorbance(614.0, 614.0), 2e-4);
        // β band at its own centre, 216.7 + 0.287·614 = 392.918 nm, is 0.37 above the α-band's tail there.
        $x = 614.0 / 392.918;
        $alpha = 1 / (exp(64.1972 * (0.882655 - $x)) + exp(20.85 * (0.9101 - $x)) + exp(-10.37 * (1.1123 - $x)) + 0.5343);
        self::assertEqualsWithDelta(0.37 + $alpha, VisualPigment::absorbance(392.918, 614.0), 2e-4);
    }

    /** How many nanometers of a band lie above half its peak. */
    private static function width(callable $at, float $peak): int
    {
        return \count(array_filter(range((int) $peak - 90, (int) $peak + 90), static fn (int $nm): bool => $at((float) $nm) >= 0.5));
    }

    /**
     * By hand: light A gives catches 2 and 1 (green, red), light B gives 1.8 and 1.2. ln(2/1) = 0.693147, ln(1.8/1.2) = 0.405465, the
     * difference 0.287682. With noise 0.07 in each cone: ΔS = 0.287682 / √(0.07² + 0.07²) = 0.287682 / 0.0989949 = 2.90603.
     */
    public function testReceptorNoiseAsWorkedByHand(): void
    {
        self::assertEqualsWithDelta(2.90603, ReceptorNoise::colour(log(2.0), log(1.5)), 1e-4);
    }

    /** ln(1.1) / 0.10 = 0.953: a tenth more tone is just about to be noticed. */
    public function testToneIsALogarithm(): void
    {
        self::assertEqualsWithDelta(0.9531, ReceptorNoise::tone(log(1.1), 0.0), 1e-4);
    }
}
