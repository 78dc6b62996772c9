<?php

declare(strict_types=1);

namespace Tests\core\Water;

use Kontrast\Lure\LureKind;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\DiffuseAttenuation;
use Kontrast\Water\Direction;
use Kontrast\Water\Grid;
use Kontrast\Water\PureWater;
use Kontrast\Water\Scene;
use Kontrast\Water\SkyLight;
use Kontrast\Water\Spectrum;
use Kontrast\Water\WaterSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

final class WaterTest extends TestCase
{
    /** Pope & Fry 1997, Applied Optics 36, table 3; from memory. */
    #[DataProvider('pureWater')]
    public function testPureWaterAbsorbsAsPublished(int $nm, float $perMetre): void
    {
        self::assertEqualsWithDelta($perMetre, PureWater::absorption()->samples[intdiv($nm - 400, 10)], $perMetre * 1e-6);
    }

    /** @return iterable<string, array{int, float}> */
    public static function pureWater(): iterable
    {
        yield 'clearest in the blue' => [420, 0.00454];
        yield 'green' => [550, 0.0565];
        yield 'the step at the red' => [600, 0.2224];
        yield 'red' => [700, 0.624];
    }

    /** Kirk 1984: without scattering K_d is a/μ0; with the light straight down G is 0.235. */
    public function testKirksAttenuationInItsLimits(): void
    {
        $a = Spectrum::flat(0.4);
        self::assertEqualsWithDelta(0.4 / 0.8, DiffuseAttenuation::kirk($a, Spectrum::flat(0.0), 0.8)->samples[0], 1e-12);
        self::assertEqualsWithDelta(
            sqrt(0.16 + 0.235 * 0.4 * 2.0),
            DiffuseAttenuation::kirk($a, Spectrum::flat(2.0), 1.0)->samples[0],
            1e-12,
        );
    }

    /** Snell's law at a refractive index of 1.333: a sun on the horizon still comes in at 48.6° from the vertical. */
    public function testTheSunsRayIsBentDownward(): void
    {
        self::assertEqualsWithDelta(1.0, SkyLight::of(Sky::Sun, Angle::degrees(90))->cosine, 1e-12);
        self::assertEqualsWithDelta(cos(deg2rad(48.6)), SkyLight::of(Sky::Sun, Angle::degrees(0))->cosine, 1e-3);
    }

    /** @param array{float, float, float, float, float} $expected s, μ0, c̄, K̄_d, lux at the lure */
    #[DataProvider('workedExamples')]
    public function testTheWorkedExamplesComeOut(Tint $tint, float $inches, float $feet, Sky $sky, float $elevation, array $expected): void
    {
        $water = WaterSolver::find(Length::inches($inches), $tint, SkyLight::of($sky, Angle::degrees($elevation)));
        foreach ([
            $water->amount,
            $water->sky->cosine,
            $water->beamAttenuation,
            $water->diffuseAttenuation,
            $water->lightAt(Length::feet($feet))->lux(),
        ] as $i => $value) {
            self::assertEqualsWithDelta($expected[$i], $value, 0.005 * $expected[$i]);
        }
    }

    /**
     * Computed apart from the project with the fits of Wyman, Sloan & Shirley for ȳ; half a per cent is left for the table used here.
     *
     * @return iterable<string, array{Tint, float, float, Sky, float, array{float, float, float, float, float}}>
     */
    public static function workedExamples(): iterable
    {
        yield 'clay in the sun' => [Tint::Clay, 12, 1, Sky::Sun, 50, [5.968, 0.876, 25.64, 2.906, 40230]];
        yield 'tea under cloud' => [Tint::Tannic, 24, 2, Sky::Overcast, 45, [11.145, 0.860, 8.978, 5.294, 476]];
    }

    /** Algae take red beside blue: what comes back out of a pond is green, not mustard. (Common practice, no source.) */
    public function testAPondIsGreenestInTheGreen(): void
    {
        foreach ([12, 18, 24, 60] as $inches) {
            $water = WaterSolver::find(Length::inches($inches), Tint::Green, SkyLight::of(Sky::Sun, Angle::degrees(50)));
            $behind = Scene::at($water, Length::feet(4), Direction::Side)->background;
            $light = array_combine(array_map(intval(...), Grid::wavelengths()), $behind->samples);
            arsort($light);
            $brightest = array_key_first($light);
            self::assertGreaterThanOrEqual(550, $brightest, "$inches in");
            self::assertLessThanOrEqual(580, $brightest, "$inches in");
        }
    }

    public function testASolvedWaterGivesTheVisibilityBack(): void
    {
        foreach (Tint::cases() as $tint) {
            foreach ([0.5, 4, 18, 60, 200] as $inches) {
                $water = WaterSolver::find(Length::inches($inches), $tint, SkyLight::of(Sky::Broken, Angle::degrees(40)));
                self::assertEqualsWithDelta(
                    $inches,
                    Length::metres(WaterSolver::GAMMA / ($water->beamAttenuation + $water->diffuseAttenuation))->inInches(),
                    $inches * 1e-6,
                );
            }
        }
    }

    /** A number smaller than any tape reads is still water: as opaque as paint. */
    public function testNoVisibilityIsTooSmall(): void
    {
        foreach (Tint::cases() as $tint) {
            $water = WaterSolver::find(Length::inches(5e-324), $tint, SkyLight::of(Sky::Sun, Angle::degrees(50)));
            self::assertTrue(is_finite($water->beamAttenuation) && $water->beamAttenuation > 1000, $tint->value);
        }
    }

    public function testDirtierWaterHasMoreInItAndWeakensLightMore(): void
    {
        foreach (Tint::cases() as $tint) {
            $last = null;
            foreach ([300, 120, 60, 30, 12, 6, 2, 0.5] as $inches) {
                $water = WaterSolver::find(Length::inches($inches), $tint, SkyLight::of(Sky::Overcast, Angle::degrees(50)));
                if (null !== $last) {
                    self::assertGreaterThan($last->amount, $water->amount);
                    self::assertGreaterThan($last->beamAttenuation, $water->beamAttenuation);
                }
                $last = $water;
            }
        }
    }

    public function testDeeperIsNeverBrighter(): void
    {
        $water = WaterSolver::find(Length::feet(3), Tint::Green, SkyLight::of(Sky::Sun, Angle::degrees(50)));
        $lux = array_map(static fn (float $feet): float => $water->lightAt(Length::feet($feet))->lux(), [0.0, 0.5, 1.0, 3.0, 10.0, 40.0]);
        $falling = $lux;
        rsort($falling);
        self::assertSame($falling, $lux);
        self::assertEqualsWithDelta(127500 * sin(deg2rad(50)), $lux[0], 0.01, 'At the surface it is the sky’s own.');
    }

    public function testClearerThanPureWaterIsRefusedWithTheLargestValue(): void
    {
        try {
            WaterSolver::find(Length::metres(2000), Tint::None, SkyLight::of(Sky::Sun, Angle::degrees(50)));
            self::fail('Nobody sees that far.');
        } catch (ClearerThanWater $error) {
            self::assertStringContainsString('The largest value here is ‹'.floor($error->most->inInches()).' in›', $error->getMessage());
            $water = WaterSolver::find($error->most->times(0.999), Tint::None, SkyLight::of(Sky::Sun, Angle::degrees(50)));
            self::assertLessThan(0.01, $water->amount, 'A hair under the largest value is almost pure water.');
        }
    }

    public function testTheLureIsLookedAtNoDeeperThanItCanBeSeen(): void
    {
        $deep = Scene::of(Readings::of(LureKind::Jig, inches: 12, feet: 30), Direction::Side);
        $there = Scene::of(Readings::of(LureKind::Jig, inches: 12, feet: 1), Direction::Side);
        self::assertSame($there->light->lux(), $deep->light->lux());
    }

    /** Duntley 1963: nothing in between at the part, only water far away. */
    public function testFarAwayEverythingHasTheWatersColour(): void
    {
        $scene = Scene::of(Readings::of(LureKind::Jig, inches: 24), Direction::Side);
        $part = Spectrum::flat(3.0);
        self::assertSame($part->samples, $scene->through($part, Length::metres(0))->samples);
        self::assertEqualsWithDelta($scene->background->samples[10], $scene->through($part, Length::metres(50))->samples[10], 1e-12);
    }
}
