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
            $best = VisualPigment::at($nm, $peak) > VisualPigment::at(max(400.0, $best), $peak) ? $nm : $best;
        }
        self::assertEqualsWithDelta($peak, $best, 1.0);
        self::assertEqualsWithDelta(1.0, VisualPigment::at($best, $peak), 0.02);
    }

    /** @return iterable<string, array{float}> */
    public static function pigments(): iterable
    {
        yield 'green cone' => [BassEye::GREEN_CONE_NM];
        yield 'red cone' => [BassEye::RED_CONE_NM];
        yield 'rod' => [BassEye::ROD_NM];
    }

    /**
     * The width at half the peak against the published template read on its own scale: the α-band of equation 1 with a = 0.88, as
     * given for λmax between 450 and 600 nm (Govardovskii et al. 2000, after Lamb 1995), evaluated here from the printed constants.
     */
    public function testARodsBandIsAsWideAsThePublishedTemplate(): void
    {
        $peak = 500.0;
        $published = static fn (float $x): float => 1
            / (exp(69.7 * (0.88 - $x)) + exp(28 * (0.922 - $x)) + exp(-14.9 * (1.104 - $x)) + 0.674);
        $width = static function (callable $at): float {
            $above = array_filter(range(440, 620), static fn (int $nm): bool => $at((float) $nm) >= 0.5);

            return (float) (max([0, ...$above]) - min([1000, ...$above]));
        };
        self::assertEqualsWithDelta(
            $width(static fn (float $nm): float => $published($peak / $nm)),
            $width(static fn (float $nm): float => VisualPigment::at($nm, $peak)),
            4.0,
        );
        self::assertEqualsWithDelta(
            100.0,
            $width(static fn (float $nm): float => VisualPigment::at($nm, $peak)),
            12.0,
            'A1 pigments about 500 nm are some hundred nm wide.',
        );
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
