<?php

declare(strict_types=1);

namespace Tests\core\Vision;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\OpticalPart;
use Kontrast\Measure\Length;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Vision\Band;
use Kontrast\Vision\BassEye;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Sensitivity;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\WaterSolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;
use Tests\core\Readings;

/** How far the figures move with the constants that were chosen: spans of docs/model.md, from memory of the papers it names. */
final class SensitivityTest extends TestCase
{
    #[DataProvider('waters')]
    public function testEveryFigureLiesInItsBandAndTheBandIsWiderThanNothing(Tint $tint, float $inches): void
    {
        $reading = Readings::of(LureKind::Spinnerbait, $inches, $tint);
        $viewing = Fits::viewing(Scene::of($reading, Direction::Side));
        $sensitivity = Sensitivity::in($reading, Direction::Side, Fits::shared());
        foreach (BuildOptics::parts(Adviser::standard()->advise($reading)->build) as $part) {
            $reduced = ReducedPart::of($part, $viewing);
            self::assertHolds($sensitivity->sight($part), $reduced->sightRange(), $part->id);
            $flash = $sensitivity->flash($part);
            self::assertSame(null === $reduced->flashRange(), null === $flash, $part->id);
            if (null !== $flash) {
                self::assertHolds($flash, $reduced->flashRange() ?? Length::metres(0.0), "$part->id at a glint");
            }
        }
        [$white, $black] = [self::coloured(Colour::White), self::coloured(Colour::Black)];
        $split = Pair::of(ReducedPart::of($white, $viewing), ReducedPart::of($black, $viewing))->splitRange();
        self::assertHolds($sensitivity->split($white, $black), $split, 'white and black');
    }

    /** @return iterable<string, array{Tint, float}> */
    public static function waters(): iterable
    {
        yield 'mud' => [Tint::Clay, 7.0];
        yield 'tea' => [Tint::Tannic, 40.0];
        yield 'green' => [Tint::Green, 24.0];
        yield 'clear' => [Tint::None, 140.0];
    }

    /**
     * Contrast falls as e^(−c·r), so that a threshold k times lower is reached ln k ÷ c farther. A narrow band of light has one c.
     */
    public function testTheThresholdMovesABlackPartAsTheLawOfAttenuationSays(): void
    {
        $reading = Readings::of(LureKind::Jig, 24, Tint::Clay);
        $scene = Scene::of($reading, Direction::Side);
        $black = ReducedPart::of(self::coloured(Colour::Black), Fits::viewing($scene));
        [$keen, $dull] = Sensitivity::THRESHOLDS;
        $apart = $black->sightRange($keen)->inMetres() - $black->sightRange($dull)->inMetres();
        $thickness = log($dull / $keen) / $apart;
        self::assertEqualsWithDelta($scene->water->beamAttenuation, $thickness, 0.1 * $scene->water->beamAttenuation);
        $band = Sensitivity::in($reading, Direction::Side, Fits::shared())->sight(self::coloured(Colour::Black));
        self::assertGreaterThanOrEqual($apart, $band->most->inMetres() - $band->least->inMetres());
    }

    public function testAWeakerEyeSeparatesNoFarther(): void
    {
        $viewing = Fits::viewing(Scene::of(Readings::of(LureKind::Jig, 24), Direction::Side));
        $pair = Pair::of(
            ReducedPart::of(self::coloured(Colour::White), $viewing),
            ReducedPart::of(self::coloured(Colour::Brown), $viewing),
        );
        $keen = $pair->splitRange(Sensitivity::WEBER[0] / BassEye::CONE_NOISE);
        $dull = $pair->splitRange(Sensitivity::WEBER[1] / BassEye::CONE_NOISE);
        self::assertTrue($keen->isLongerThan($dull));
    }

    /**
     * Γ 8 to 9.6: Tyler 1968, Limnology and Oceanography 13, and Holmes 1970 after him. Thresholds 0.01 to 0.07: Douglas & Hawryshyn 1990,
     * chapter 14 of The Visual System of Fish. Cone noise 0.05 to 0.12: Vorobyev & Osorio 1998. The rest is chosen. From memory.
     */
    public function testTheSpansAreThosePublished(): void
    {
        $span = static fn (string $name): mixed => (new \ReflectionClassConstant(Sensitivity::class, $name))->getValue();
        self::assertSame([[0.01, 0.07], [0.05, 0.12]], [$span('THRESHOLDS'), $span('WEBER')]);
        $reading = Readings::of(LureKind::Jig, 24, Tint::Green);
        $corners = Sensitivity::in($reading, Direction::Side, Fits::shared())->corners;
        self::assertCount(5, $corners);
        self::assertSame(WaterSolver::solve($reading)->beamAttenuation, $corners[0]->scene->water->beamAttenuation);
        $at = 1;
        foreach ([8.0, 9.6] as $gamma) {
            foreach ([0.3, 0.5] as $upright) {
                $scene = $corners[$at++]->scene;
                self::assertSame(WaterSolver::solve($reading, $gamma)->beamAttenuation, $scene->water->beamAttenuation);
                self::assertEqualsWithDelta($upright, $scene->face->sum() / $scene->light->irradiance->sum(), 1e-12);
            }
        }
    }

    public function testABandSpansItsLengths(): void
    {
        $band = Band::over([Length::metres(2.0), Length::metres(0.5), Length::metres(1.0)]);
        self::assertSame([0.5, 2.0], [$band->least->inMetres(), $band->most->inMetres()]);
    }

    private static function coloured(Colour $colour): OpticalPart
    {
        return BuildOptics::coloured($colour->value, $colour, Opacity::Opaque);
    }

    private static function assertHolds(Band $band, Length $figure, string $what): void
    {
        self::assertGreaterThanOrEqual($band->least->inMetres() - 1e-6, $figure->inMetres(), $what);
        self::assertLessThanOrEqual($band->most->inMetres() + 1e-6, $figure->inMetres(), $what);
        self::assertGreaterThan($band->least->inMetres(), $band->most->inMetres(), $what);
    }
}
