<?php

declare(strict_types=1);

namespace Tests\core\Vision;

use Kontrast\Material\Fluorescence;
use Kontrast\Material\Lab;
use Kontrast\Material\Metal;
use Kontrast\Material\OkLab;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Vision\Adaptation;
use Kontrast\Vision\PersonEye;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\SkyLight;
use Kontrast\Water\Spectrum;
use Kontrast\Water\WaterSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;

/** A picture that a diver would believe. */
final class PersonEyeTest extends TestCase
{
    /** Of 255: what another table for the color-matching functions may make. */
    private const TOLERANCE = 5;

    /**
     * Computed apart from the project.
     *
     * @param list<string> $expected water, card, a dull green, hot orange, silver steady and at a glint
     */
    #[DataProvider('worked')]
    public function testTheWorkedScenesComeOut(Tint $tint, float $inches, float $feet, array $expected): void
    {
        $scene = self::scene($tint, $inches, $feet, Sky::Sun, 50);
        $silver = Radiance::of(OpticalPart::metal('silver', Metal::Silver), $scene, Fits::shared());
        $matte = static fn (string $hex, Fluorescence $glow): Spectrum => Radiance::of(
            OpticalPart::matte('part', Srgb::hex($hex), $glow),
            $scene,
            Fits::shared(),
        )->steady;
        foreach ([
            $scene->background,
            self::card($scene),
            $matte('#4a4a22', Fluorescence::None),
            $matte('#e8641c', Fluorescence::Orange),
            $silver->steady,
            $silver->glint ?? $silver->steady,
        ] as $i => $light) {
            $shown = PersonEye::in($scene)->see($light)->toHex();
            foreach ([1, 3, 5] as $at) {
                $delta = abs(hexdec(substr($shown, $at, 2)) - hexdec(substr($expected[$i], $at, 2)));
                self::assertLessThanOrEqual(self::TOLERANCE, $delta, "$shown, not {$expected[$i]}");
            }
        }
    }

    /** @return iterable<string, array{Tint, float, float, list<string>}> */
    public static function worked(): iterable
    {
        yield 'tea' => [Tint::Tannic, 22, 22 / 12, ['#492a1a', '#d8ad6a', '#343018', '#d17353', '#a07d4c', '#ffd9a1']];
        yield 'clay' => [Tint::Clay, 9, 9 / 12, ['#b58f5e', '#aca8a2', '#2e2e18', '#b64f1f', '#ab9781', '#f7eee8']];
        yield 'no tint' => [Tint::None, 96, 4, ['#748654', '#c5c6bf', '#38381c', '#d35a1c', '#9ea491', '#f6f1e8']];
    }

    /**
     * What a diver would say of these waters, in CIELAB: common practice, no source.
     *
     * @param array{float, float} $lightness
     * @param array{float, float} $chroma
     * @param array{float, float} $hue
     */
    #[DataProvider('waters')]
    public function testAWaterLooksAsItsNameSays(Tint $tint, float $inches, array $lightness, array $chroma, array $hue): void
    {
        $scene = self::scene($tint, $inches, min(4, $inches / 12), Sky::Sun, 50);
        $water = PersonEye::in($scene)->see($scene->background)->toLab();
        foreach ([[$water->l, $lightness], [self::chroma($water), $chroma], [self::hue($water), $hue]] as [$is, [$least, $most]]) {
            self::assertGreaterThanOrEqual($least, $is);
            self::assertLessThanOrEqual($most, $is);
        }
        $card = PersonEye::in($scene)->see(self::card($scene))->toLab();
        if (Tint::Tannic === $tint) {
            self::assertLessThan(50, self::chroma($card));
            self::assertGreaterThan(60, self::hue($card), 'Golden: no blue is left in tea.');
            self::assertLessThan(95, self::hue($card));
        } else {
            self::assertLessThan(10, self::chroma($card), 'A card is nearly white.');
        }
    }

    /** @return iterable<string, array{Tint, float, array{float, float}, array{float, float}, array{float, float}}> */
    public static function waters(): iterable
    {
        yield 'tea is dark amber' => [Tint::Tannic, 22, [15, 30], [12, 35], [45, 75]];
        yield 'clay is tan' => [Tint::Clay, 9, [55, 70], [25, 40], [65, 88]];
        yield 'mud is tan' => [Tint::Clay, 5, [55, 70], [25, 40], [65, 88]];
        yield 'a pond is green' => [Tint::Green, 24, [0, 100], [18, 42], [105, 130]];
        yield 'a clearer pond too' => [Tint::Green, 60, [0, 100], [18, 42], [115, 140]];
        yield 'a lake is green' => [Tint::None, 96, [0, 100], [18, 42], [110, 135]];
        yield 'a clear one greener' => [Tint::None, 180, [0, 100], [18, 42], [130, 160]];
    }

    /**
     * As docs/model.md says: where nothing is brighter than it, a white card is shown at 0.56 of the screen's white in full daylight, and
     * lower the darker it is.
     */
    public function testACardIsExposedByHowBrightItIs(): void
    {
        $shares = [];
        foreach ([[24, 1, Sky::Sun, 60], [24, 6, Sky::Sun, 20], [24, 9, Sky::LowSun, 2]] as [$inches, $feet, $sky, $sun]) {
            $scene = self::scene(Tint::Green, $inches, $feet, $sky, $sun);
            $card = self::card($scene);
            $brightest = 6830 * max(Xyz::ofLight($card)->y, Xyz::ofLight($scene->background)->y);
            $share = max(0.2, min(1.0, (log10($brightest) + 3) / 4));
            $shown = PersonEye::in($scene)->see($card)->toXyz()->y;
            self::assertEqualsWithDelta(0.56 * $share, $shown, 0.05 * $share, "$sky->value, $feet ft");
            $shares[] = $share;
        }
        self::assertSame(1.0, $shares[0]);
        self::assertLessThan($shares[0], $shares[2]);
    }

    public function testBelowOneLuxThereIsNoColor(): void
    {
        $scene = self::scene(Tint::Green, 24, 4, Sky::Night, 0);
        foreach (['#ff0000', '#00ff00', '#4a4a22'] as $hex) {
            $light = Radiance::of(OpticalPart::matte('part', Srgb::hex($hex)), $scene, Fits::shared())->steady;
            self::assertLessThan(0.5, self::chroma(PersonEye::in($scene)->see($light)->toLab()), $hex);
        }
    }

    /** Computed apart from the project: gains of the three responses to a card in tea and in clear water. */
    public function testAnEyeIsUsedToTheCardAsFarAsCiecam16Says(): void
    {
        foreach ([[Tint::Tannic, 22, 22 / 12, 0.839, [0.764, 1.278, 10.0]], [Tint::None, 96, 4, 0.900, [1.003, 1.006, 2.265]]] as $case) {
            [$tint, $inches, $feet, $degree, $gains] = $case;
            $card = Xyz::ofLight(self::card(self::scene($tint, $inches, $feet, Sky::Sun, 50)));
            foreach (Adaptation::to($card, $degree)->gains() as $i => $gain) {
                self::assertEqualsWithDelta($gains[$i], $gain, 0.02 * $gains[$i]);
            }
        }
    }

    public function testACameraThatCorrectsNothingShowsTheLightAsItIs(): void
    {
        $scene = self::scene(Tint::Tannic, 22, 22 / 12, Sky::Sun, 50);
        $eye = PersonEye::in($scene)->see(self::card($scene))->toLab();
        $camera = PersonEye::camera($scene)->see(self::card($scene))->toLab();
        self::assertGreaterThan(self::chroma($eye), self::chroma($camera));
    }

    /** Never channel by channel: what no screen has loses chroma, not lightness. */
    public function testAColorBeyondTheScreenKeepsItsLightnessAndLosesChroma(): void
    {
        $beyond = new Xyz(0.12, 0.3, 0.1);
        $lab = Lab::of($beyond, Xyz::d65());
        $shown = OkLab::onScreen($beyond)->toLab();
        self::assertLessThan(self::chroma($lab) - 10, self::chroma($shown));
        self::assertEqualsWithDelta($lab->l, $shown->l, 4.0);
        self::assertGreaterThan(abs($shown->l - $lab->l), abs(Srgb::nearest($beyond)->toLab()->l - $lab->l));
        $within = Srgb::hex('#5d7d3b')->toXyz();
        self::assertSame('#5d7d3b', OkLab::onScreen($within)->toHex());
    }

    /** A fluorescent orange in clear water is beyond sRGB: a wide screen shows more of it, of the same lightness. */
    public function testAWideScreenShowsMoreOfAFluorescentColor(): void
    {
        $scene = self::scene(Tint::None, 180, 1, Sky::Sun, 60);
        $eye = PersonEye::in($scene);
        $hot = Xyz::ofLight(
            Radiance::of(OpticalPart::matte('part', Srgb::hex('#ff5a14'), Fluorescence::Orange), $scene, Fits::shared())->steady,
        );
        $wide = $eye->showWide($hot);
        self::assertNotNull($wide);
        // The channels of P3 put back into sRGB lie beyond it.
        [$r, $g, $b] = $wide->toLinear();
        self::assertLessThan(-0.001, -0.0196375546 * $r - 0.0786360456 * $g + 1.0982736 * $b, 'less blue than none');
        self::assertNull($eye->showWide(self::white($scene)), 'A card any screen shows.');
    }

    private static function white(Scene $scene): Xyz
    {
        return Xyz::ofLight(self::card($scene));
    }

    private static function scene(Tint $tint, float $inches, float $feet, Sky $sky, float $height): Scene
    {
        $water = WaterSolver::find(Length::inches($inches), $tint, SkyLight::of($sky, Angle::degrees($height)));

        return Scene::at($water, Length::feet($feet), Direction::Side);
    }

    private static function card(Scene $scene): Spectrum
    {
        return $scene->face->scaled(1 / \M_PI);
    }

    private static function chroma(Lab $lab): float
    {
        return hypot($lab->a, $lab->b);
    }

    private static function hue(Lab $lab): float
    {
        return fmod(rad2deg(atan2($lab->b, $lab->a)) + 360, 360);
    }
}
