<?php

declare(strict_types=1);

namespace Tests\core\Material;

use Kontrast\Material\Lab;
use Kontrast\Material\NotAColour;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Water\ColourMatching;
use Kontrast\Water\Daylight;
use Kontrast\Water\Spectrum;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\core\Fits;

final class ColourTest extends TestCase
{
    /** CIE 15:2004: the chromaticity of D65 for the 1931 observer is x 0.3127, y 0.3290. */
    public function testD65HasItsPublishedChromaticity(): void
    {
        $white = Xyz::ofLight(Daylight::d65());
        self::assertEqualsWithDelta(0.3127, $white->x / ($white->x + $white->y + $white->z), 0.0003);
        self::assertEqualsWithDelta(0.3290, $white->y / ($white->x + $white->y + $white->z), 0.0003);
    }

    /** IEC 61966-2-1 (Rec. ITU-R BT.709): chromaticities of the sRGB primaries. */
    #[DataProvider('primaries')]
    public function testThePrimariesHaveTheirPublishedChromaticities(string $hex, float $x, float $y): void
    {
        $colour = Srgb::hex($hex)->toXyz();
        $sum = $colour->x + $colour->y + $colour->z;
        self::assertEqualsWithDelta($x, $colour->x / $sum, 5e-5);
        self::assertEqualsWithDelta($y, $colour->y / $sum, 5e-5);
    }

    /** @return iterable<string, array{string, float, float}> */
    public static function primaries(): iterable
    {
        yield 'red' => ['#ff0000', 0.64, 0.33];
        yield 'green' => ['#00ff00', 0.30, 0.60];
        yield 'blue' => ['#0000ff', 0.15, 0.06];
        yield 'white' => ['#ffffff', 0.3127, 0.3290];
    }

    public function testAColourSurvivesTheWayToXyzAndBack(): void
    {
        foreach (self::colours(200) as $hex) {
            self::assertSame($hex, Srgb::nearest(Srgb::hex($hex)->toXyz())->toHex());
        }
    }

    /** CIE 15:2004, section 8.2.1: a perfect white has L* 100, mid-grey of 18.42 % has L* 50. */
    public function testLightnessAsDefined(): void
    {
        $white = Xyz::d65();
        self::assertEqualsWithDelta(100.0, Lab::of($white, $white)->l, 1e-9);
        self::assertEqualsWithDelta(50.0, Lab::of($white->scaled(0.18418651851), $white)->l, 1e-6);
    }

    /** Jakob & Hanika 2019 promise next to no error over sRGB; a tenth of a unit is asked for. */
    public function testAReflectanceGivesItsColourBack(): void
    {
        foreach ([
            ...self::colours(400), '#f4f4f0', '#141414', '#e8641c', '#1f4fd0', '#ff0000', '#00ff00', '#0000ff', '#ffff00', '#ff00ff',
            '#00ffff', '#010101', '#fefefe',
        ] as $hex) {
            $colour = Srgb::hex($hex);
            $reflectance = Fits::shared()->fit($colour)->spectrum;
            $back = Lab::of(Xyz::ofReflectance($reflectance), Xyz::ofReflectance(Spectrum::flat(1.0)));
            self::assertLessThan(0.1, $back->distance($colour->toLab()), $hex);
            self::assertGreaterThan(0.0, min(1.0, ...$reflectance->samples), $hex);
            self::assertLessThan(1.0, max(0.0, ...$reflectance->samples), $hex);
        }
    }

    public function testPureBlackAndPureWhiteAreStillReflectances(): void
    {
        self::assertLessThan(0.01, max(0.0, ...Fits::shared()->fit(Srgb::hex('#000000'))->spectrum->samples));
        self::assertGreaterThan(0.95, min(1.0, ...Fits::shared()->fit(Srgb::hex('#ffffff'))->spectrum->samples));
    }

    #[DataProvider('noColours')]
    public function testWhatIsNoColourIsToldSo(string $hex): void
    {
        $this->expectException(NotAColour::class);
        $this->expectExceptionMessage('Write it as #rrggbb');
        Srgb::hex($hex);
    }

    /** @return iterable<array{string}> */
    public static function noColours(): iterable
    {
        yield ['red'];
        yield ['#fff'];
        yield ['#12345g'];
        yield ['123456'];
        yield [''];
    }

    /** SI: 683 lm/W at 555 nm, where ȳ is 1. */
    public function testLuxAsDefined(): void
    {
        $samples = array_fill(0, 31, 0.0);
        $samples[15] = 1.0;
        $samples[16] = 1.0;
        self::assertEqualsWithDelta(2 * 683 * 10 * 0.995, ColourMatching::lux(Spectrum::of($samples)), 1.0);
    }

    /** @return list<string> the same random colours each time */
    private static function colours(int $count): array
    {
        $dice = new Randomizer(new Mt19937(11));

        return array_map(static fn (): string => \sprintf('#%06x', $dice->getInt(1, 0xFFFFFE)), range(1, $count));
    }
}
