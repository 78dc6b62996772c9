<?php

declare(strict_types=1);

namespace Tests\core\Water;

use Kontrast\Water\ColourMatching;
use Kontrast\Water\Daylight;
use Kontrast\Water\Grid;
use PHPUnit\Framework\TestCase;

final class DaylightTest extends TestCase
{
    /** Relative spectral power of D65, 400 to 700 nm by 10 nm: ISO 11664-2 / CIE 15:2004 table T.1; from memory. */
    private const D65 = [
        82.75, 91.49, 93.43, 86.68, 104.86, 117.01, 117.81, 114.86, 115.92, 108.81, 109.35, 107.80, 104.79, 107.69, 104.41, 104.05,
        100.00, 96.33, 95.79, 88.69, 90.01, 89.60, 87.70, 83.29, 83.70, 80.03, 80.21, 82.28, 78.28, 69.72, 71.61,
    ];

    public function testD65ComesOutOfTheDaylightComponents(): void
    {
        foreach (Daylight::d65()->samples as $i => $sample) {
            self::assertEqualsWithDelta(self::D65[$i], $sample, 0.06, Grid::wavelengths()[$i].' nm');
        }
    }

    public function testDaylightIsOneHundredAt560(): void
    {
        foreach ([4100.0, 5500.0, 7000.0, 12000.0] as $kelvin) {
            self::assertEqualsWithDelta(100.0, Daylight::relative($kelvin)->samples[16], 1e-9);
        }
    }

    public function testWarmerDaylightHasMoreRed(): void
    {
        $redToBlue = static fn (float $kelvin): float => Daylight::relative($kelvin)->samples[25] / Daylight::relative($kelvin)->samples[5];
        self::assertGreaterThan($redToBlue(6500), $redToBlue(5000));
    }

    public function testAFlameIsNoDaylight(): void
    {
        $this->expectException(\DomainException::class);
        Daylight::relative(1900);
    }

    /**
     * The table of colour-matching functions against the analytic fits of Wyman, Sloan & Shirley 2013, Journal of Computer Graphics
     * Techniques 2(2), whose own error is about one per cent of the peak; coefficients from memory.
     */
    public function testTheTableOfColourMatchingAgreesWithThePublishedFits(): void
    {
        $lobe = static fn (float $nm, float $peak, float $left, float $right): float => exp(
            -0.5 * (($nm - $peak) / ($nm < $peak ? $left : $right)) ** 2,
        );
        foreach (Grid::wavelengths() as $i => $nm) {
            self::assertEqualsWithDelta(
                1.056 * $lobe($nm, 599.8, 37.9, 31.0) + 0.362 * $lobe($nm, 442.0, 16.0, 26.7) - 0.065 * $lobe($nm, 501.1, 20.4, 26.2),
                ColourMatching::X[$i],
                0.03,
                "x at $nm nm",
            );
            self::assertEqualsWithDelta(
                0.821 * $lobe($nm, 568.8, 46.9, 40.5) + 0.286 * $lobe($nm, 530.9, 16.3, 31.1),
                ColourMatching::Y[$i],
                0.03,
                "y at $nm nm",
            );
            self::assertEqualsWithDelta(
                1.217 * $lobe($nm, 437.0, 11.8, 36.0) + 0.681 * $lobe($nm, 459.0, 26.0, 13.8),
                ColourMatching::Z[$i],
                0.04,
                "z at $nm nm",
            );
        }
    }
}
