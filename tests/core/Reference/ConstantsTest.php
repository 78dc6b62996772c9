<?php

declare(strict_types=1);

namespace Tests\core\Reference;

use Kontrast\Lure\BladeDimensions;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Material\Palette;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Vision\BassEye;
use Kontrast\Vision\Viewing;
use Kontrast\Vision\VisualPigment;
use Kontrast\Water\ColourMatching;
use Kontrast\Water\DaylightComponents;
use Kontrast\Water\Direction;
use Kontrast\Water\Grid;
use Kontrast\Water\PureWater;
use Kontrast\Water\Scene;
use Kontrast\Water\SkyLight;
use Kontrast\Water\WaterSolver;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;

/** Constants that the rest of the tests would not tell from their neighbors: each against the page or table that states it. */
final class ConstantsTest extends TestCase
{
    /** The tables at the end of docs/model.md, which the reference program reads, are the tables of the code. */
    public function testTheTablesOfThePageAreThoseOfTheCode(): void
    {
        $rows = [];
        foreach (explode("\n", (string) file_get_contents(__DIR__.'/../../../docs/model.md')) as $line) {
            if (1 === preg_match('/^\| (\d{3}) \|(.*)\|$/', trim($line), $match)) {
                $rows[] = [(float) $match[1], ...array_map(floatval(...), explode('|', $match[2]))];
            }
        }
        self::assertCount(Grid::SAMPLES, $rows);
        foreach ($rows as $i => [$nm, $s0, $s1, $s2, $pure]) {
            self::assertSame(Grid::wavelengths()[$i], $nm);
            self::assertSame([DaylightComponents::S0[$i], DaylightComponents::S1[$i], DaylightComponents::S2[$i]], [$s0, $s1, $s2]);
            self::assertSame(PureWater::ABSORPTION[$i], $pure, "$nm nm");
        }
    }

    /**
     * Pure water keeps rising from its least about 418 nm into the red, but for the step back after 600 nm is only a slower rise: a digit
     * lost anywhere breaks the order. Landmarks of Pope & Fry 1997 (table 3, from memory): least 0.0044 near 418, 0.0204 at 500, 0.0619 at
     * 560, 0.2224 at 600, 0.624 at 700.
     */
    public function testPureWaterRisesIntoTheRed(): void
    {
        $least = array_search(min(PureWater::ABSORPTION), PureWater::ABSORPTION, true);
        self::assertSame(420.0, Grid::wavelengths()[$least]);
        for ($i = $least + 1; $i < Grid::SAMPLES; ++$i) {
            self::assertGreaterThan(PureWater::ABSORPTION[$i - 1], PureWater::ABSORPTION[$i], (string) Grid::wavelengths()[$i]);
        }
        foreach ([500 => 0.0204, 560 => 0.0619, 600 => 0.2224, 700 => 0.624] as $nm => $published) {
            self::assertSame($published, PureWater::ABSORPTION[($nm - 400) / 10]);
        }
    }

    /** The lux of every sky at 90°, as docs/model.md states it, and of rain at 30°: half. */
    public function testEverySkyHasItsLux(): void
    {
        $zenith = ['sun' => 127_500, 'broken' => 80_000, 'overcast' => 20_000, 'rain' => 8_000, 'storm' => 2_000, 'night' => 0.1];
        foreach ($zenith as $sky => $lux) {
            $light = SkyLight::of(Sky::from($sky), Angle::degrees(90));
            self::assertEqualsWithDelta($lux, ColourMatching::lux($light->irradiance), 1e-6 * $lux, $sky);
        }
        self::assertEqualsWithDelta(
            4_000.0,
            ColourMatching::lux(SkyLight::of(Sky::Rain, Angle::degrees(30))->irradiance),
            1e-3,
        );
    }

    /** Color is gone under one lux at the lure, and there above it. */
    public function testColorGoesAtOneLux(): void
    {
        $water = WaterSolver::find(Length::inches(18), Tint::Tannic, SkyLight::of(Sky::Storm, Angle::degrees(30)));
        $seen = [];
        for ($inches = 1.0; $inches < 240; $inches += 0.5) {
            $viewing = Viewing::in(Scene::at($water, Length::inches($inches), Direction::Side), Fits::shared());
            $lux = $viewing->scene->light->lux();
            self::assertSame($lux >= 1.0, $viewing->colour, "$lux lux");
            $seen[(int) $viewing->colour] = true;
        }
        self::assertCount(2, $seen, 'both sides of the limit were looked at');
    }

    /** The peaks of the three pigments are where the eye is most sensitive, to a grid step (Mitchem et al. 2019; from memory). */
    public function testTheEyePeaksWhereItIsSaidTo(): void
    {
        $eye = BassEye::largemouth();
        foreach ([[$eye->green, 535.0], [$eye->red, 614.0], [$eye->rod, 528.0]] as [$pigment, $peak]) {
            $at = (int) round(($peak - 400) / Grid::STEP_NM);
            foreach ($pigment->samples as $i => $sample) {
                $near = max($pigment->samples[$at], $pigment->samples[$at - 1], $pigment->samples[$at + 1]);
                self::assertLessThanOrEqual($near, $sample, (string) $i);
            }
            // Between grid points the ratio of the two neighbors of the peak tells it to a nanometer.
            $below = $pigment->samples[$at - 1];
            $above = $pigment->samples[$at + 1];
            $expected = VisualPigment::absorbance(Grid::wavelengths()[$at - 1], $peak)
                / VisualPigment::absorbance(Grid::wavelengths()[$at + 1], $peak);
            self::assertEqualsWithDelta($expected, $below / $above, 1e-9);
        }
    }

    /** The underside is lit by 0.33·b_b/a of the light, and never by more than half (Morel & Prieur 1977). */
    public function testTheLightFromBelowIsBounded(): void
    {
        foreach ([Tint::Clay, Tint::None, Tint::Tannic] as $tint) {
            $water = WaterSolver::find(Length::inches(3), $tint, SkyLight::of(Sky::Overcast, Angle::degrees(50)));
            $scene = Scene::at($water, Length::inches(1), Direction::Below);
            foreach ($scene->face->samples as $i => $face) {
                $share = 0.33 * $water->mixture->backscatter->samples[$i] / $water->mixture->absorption->samples[$i];
                self::assertEqualsWithDelta(min(0.5, $share), $face / $scene->light->irradiance->samples[$i], 1e-9);
            }
        }
    }

    /** The colors of the palette, as the front end is given them and docs name them: a digit changed here is a color changed everywhere. */
    public function testThePaletteIsAsPublished(): void
    {
        $published = [
            'white' => '#f4f4f0', 'pearl' => '#e4e1d6', 'smoke' => '#8d9090', 'pale_blue' => '#a9c4d8', 'pink' => '#ef6fa0',
            'maroon' => '#5f1f28', 'chartreuse' => '#c8e02a', 'yellow' => '#f2cf2c', 'gold' => '#c4973c', 'green_pumpkin' => '#55512b',
            'watermelon' => '#5d7d3b', 'brown' => '#5e3f27', 'black' => '#141414', 'blue' => '#24407f', 'bright_blue' => '#1f4fd0',
            'orange' => '#e8641c', 'red' => '#b8242a', 'purple' => '#4c2f6b',
        ];
        $ours = [];
        foreach (Colour::cases() as $colour) {
            $ours[$colour->value] = Palette::hex($colour);
        }
        self::assertSame($published, $ours);
    }

    /** Lengths of common blades, in inches, from memory of catalogs (common practice, no source). */
    public function testBladesHaveTheirLengths(): void
    {
        foreach ([
            [BladeShape::Willow, 4, 1.95, 0.33], [BladeShape::Willow, 5, 2.25, 0.33], [BladeShape::Colorado, 3, 0.98, 0.82],
            [BladeShape::Colorado, 5, 1.30, 0.82], [BladeShape::DeepColorado, 5, 1.30, 0.82], [BladeShape::Indiana, 4, 1.36, 0.58],
            [BladeShape::BladedJig, 3, 1.20, 0.76],
        ] as [$shape, $number, $length, $share]) {
            $size = BladeSize::number($number);
            self::assertEqualsWithDelta($length, BladeDimensions::length($shape, $size)->inInches(), 0.005, "{$shape->value} #$number");
            self::assertEqualsWithDelta($length * $share, BladeDimensions::width($shape, $size)->inInches(), 0.005, $shape->value);
        }
    }
}
