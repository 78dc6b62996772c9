<?php

declare(strict_types=1);

namespace Tests\core\Vision;

use Kontrast\Material\Metal;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Material\Relief;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Vision\WaterPicture;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\SkyLight;
use Kontrast\Water\Spectrum;
use Kontrast\Water\WaterAround;
use Kontrast\Water\WaterSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;

/** What a picture has beside its parts: water that is brighter above, volume, blur, specks, and the sky's window. */
final class WaterPictureTest extends TestCase
{
    #[DataProvider('waters')]
    public function testTheWaterIsBrighterUpwardAndAsBehindTheLureInTheMiddle(Tint $tint, float $inches): void
    {
        $scene = self::scene($tint, $inches);
        $rows = (new WaterPicture($scene, Wind::Ripple))->gradient();
        self::assertSame([30, -30], [$rows[0]['angle'], $rows[12]['angle']]);
        $tones = array_map(static fn (array $row): float => Xyz::ofLight($row['light'])->y, $rows);
        $sorted = $tones;
        rsort($sorted);
        self::assertSame($sorted, $tones);
        self::assertEquals($scene->background, $rows[6]['light']);
    }

    /** @return iterable<string, array{Tint, float}> */
    public static function waters(): iterable
    {
        yield 'tea' => [Tint::Tannic, 22];
        yield 'green' => [Tint::Green, 24];
        yield 'clay' => [Tint::Clay, 9];
        yield 'clear' => [Tint::None, 96];
    }

    /** At 30° up, one wavelength by hand: L_bg/(1 − e/2) + 0.1·E0/π·e^(−2a'z), e = K/a' where that is below 0.9. */
    public function testTheWaterUpwardIsAsItsFormulaSays(): void
    {
        $scene = self::scene(Tint::Clay, 9);
        $water = $scene->water;
        $green = 15;
        $a = $water->mixture->absorption->samples[$green] + 0.15 * $water->mixture->scattering->samples[$green];
        $e = min(0.9, $water->diffuse->samples[$green] / $a);
        $above = 0.1 * $water->sky->irradiance->samples[$green] / \M_PI * exp(-$a * $scene->depth->inMetres() / 0.5);
        self::assertEqualsWithDelta(
            $scene->background->samples[$green] / (1 - 0.5 * $e) + $above,
            (new WaterAround($scene))->toward(Angle::degrees(30))->samples[$green],
            1e-9,
        );
    }

    public function testAMattePartIsLitFromAboveAndItsGapsShowTheWater(): void
    {
        $scene = self::scene(Tint::Green, 24);
        foreach ([1.0, 0.55] as $opacity) {
            $part = OpticalPart::matte('part', Srgb::hex('#e8641c'), opacity: $opacity);
            $radiance = Radiance::of($part, $scene, Fits::shared());
            $tones = Relief::of($part, $radiance, $scene);
            foreach ([1.7, 1.0, 0.45] as $i => $share) {
                foreach ($radiance->steady->samples as $k => $light) {
                    $behind = (1 - $opacity) * $scene->background->samples[$k];
                    self::assertEqualsWithDelta($share * ($light - $behind) + $behind, $tones[$i]->samples[$k], 1e-9);
                }
            }
        }
    }

    public function testABladeAtRestMirrorsTheBrightWaterAboveAndTheDarkBelowAndInTheMeanWhatIsBehindIt(): void
    {
        $scene = self::scene(Tint::None, 96);
        $part = OpticalPart::metal('silver', Metal::Silver);
        $radiance = Radiance::of($part, $scene, Fits::shared());
        [$top, $middle, $under] = Relief::of($part, $radiance, $scene);
        $mean = $top->plus($middle)->plus($under)->scaled(1 / 3);
        foreach ($radiance->steady->samples as $i => $light) {
            self::assertEqualsWithDelta($light, $mean->samples[$i], 1e-9 * $light);
        }
        self::assertGreaterThan(Xyz::ofLight($middle)->y, Xyz::ofLight($top)->y);
        self::assertGreaterThan(Xyz::ofLight($under)->y, Xyz::ofLight($middle)->y);
    }

    /** σ = min(3 mm, 0.003·r·√(b̄·r)). */
    public function testWhatIsFarIsBlurredMoreWhereTheWaterIsCloudyAndNeverBeyondThreeMillimeters(): void
    {
        $mud = new WaterPicture(self::scene(Tint::Clay, 9), Wind::Calm);
        $clear = new WaterPicture(self::scene(Tint::None, 96), Wind::Calm);
        $near = Length::metres(0.1);
        self::assertSame(0.0, $mud->blur(Length::inches(0))->inMillimetres());
        self::assertGreaterThan($clear->blur($near)->inMillimetres(), $mud->blur($near)->inMillimetres());
        self::assertEqualsWithDelta(3.0, $clear->blur(Length::metres(10))->inMillimetres(), 1e-9);
        // A mean of 25.64/m to the eye, nearly all of it scattering: √(25 · 0.1) · 0.3 mm, a little less.
        self::assertEqualsWithDelta(0.48, $mud->blur($near)->inMillimetres(), 0.12);
    }

    public function testAGlowGrowsWithTheWaterBetween(): void
    {
        $mud = new WaterPicture(self::scene(Tint::Clay, 9), Wind::Calm);
        $clear = new WaterPicture(self::scene(Tint::None, 180), Wind::Calm);
        self::assertGreaterThan($clear->glow(Length::inches(0)), $mud->glow(Length::inches(0)));
        self::assertGreaterThan($clear->glow(Length::inches(0)), $clear->glow(Length::inches(40)));
        self::assertLessThanOrEqual(0.5, $mud->glow(Length::inches(40)));
    }

    public function testSpecksAreManyInMudAndFewInClearWater(): void
    {
        $specks = static fn (Tint $tint, float $inches): int => (new WaterPicture(self::scene($tint, $inches), Wind::Calm))->specks();
        self::assertSame(150, $specks(Tint::Clay, 9));
        self::assertLessThan(10, $specks(Tint::None, 180));
        self::assertGreaterThan($specks(Tint::Green, 60), $specks(Tint::Green, 24));
    }

    /** From the side a row every five degrees; from below rings out past the edge of the sky's window, closest together around it. */
    public function testThePictureGoesAllTheWayInEvenSteps(): void
    {
        [$rows, $rings] = self::steps();
        self::assertSame([30, -30], [max($rows), min($rows)]);
        foreach (\array_slice($rows, 1) as $i => $row) {
            self::assertSame(5, $rows[$i] - $row);
        }
        self::assertSame([0, 65], [min($rings), max($rings)]);
        // Snell: the sky fills a cone of asin(1 / 1.333) about straight up.
        $edge = rad2deg(asin(1 / 1.333));
        foreach (\array_slice($rings, 1) as $i => $ring) {
            self::assertGreaterThan($rings[$i], $ring);
            self::assertLessThanOrEqual(abs($ring - $edge) < 12 ? 5 : 10, $ring - $rings[$i], "$ring degrees");
        }
    }

    /** @return list<non-empty-list<int>> */
    private static function steps(): array
    {
        return [WaterPicture::ROWS, WaterPicture::RINGS];
    }

    /** Snell's window: 97° across, 2·asin(1/1.333). */
    public function testFromBelowTheSkyComesThroughAWindow(): void
    {
        self::assertEqualsWithDelta(97.2, 2 * rad2deg(asin(1 / 1.333)), 0.1);
        $around = new WaterAround(self::scene(Tint::None, 96, Direction::Below));
        $tone = static fn (float $degrees, Wind $wind): float => Xyz::ofLight($around->surface(Angle::degrees($degrees), $wind))->y;
        $inside = $tone(0, Wind::Calm);
        $outside = $tone(80, Wind::Calm);
        self::assertGreaterThan(10 * $outside, $inside);
        self::assertEqualsWithDelta(($inside + $outside) / 2, $tone(48.6, Wind::Calm), 0.01 * $inside);
        self::assertGreaterThan($tone(56, Wind::Calm), $tone(56, Wind::Chop), 'Waves carry light over the edge');
        self::assertLessThan($tone(42, Wind::Calm), $tone(42, Wind::Chop), 'and tear holes into it.');
        $rings = (new WaterPicture(self::scene(Tint::None, 96, Direction::Below), Wind::Calm))->gradient();
        self::assertSame([0, 65], [$rings[0]['angle'], $rings[12]['angle']]);
        self::assertContainsOnlyInstancesOf(Spectrum::class, array_column($rings, 'light'));
    }

    private static function scene(Tint $tint, float $inches, Direction $from = Direction::Side): Scene
    {
        $water = WaterSolver::find(Length::inches($inches), $tint, SkyLight::of(Sky::Sun, Angle::degrees(50)));

        return Scene::at($water, Length::inches(min(48, $inches)), $from);
    }
}
