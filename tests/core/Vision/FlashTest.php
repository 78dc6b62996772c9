<?php

declare(strict_types=1);

namespace Tests\core\Vision;

use Kontrast\Lure\LureKind;
use Kontrast\Material\Lab;
use Kontrast\Material\Metal;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Vision\BladesInMotion;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\Flash;
use Kontrast\Vision\PersonEye;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Shown;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\SkyLight;
use Kontrast\Water\WaterSolver;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;
use Tests\core\Readings;

/** What a blade that turns looks like. */
final class FlashTest extends TestCase
{
    /** Closest together where a blade flashes. */
    public function testTheAnglesOfAQuarterTurnGrowFromNoneToRight(): void
    {
        $angles = self::angles();
        self::assertSame([0, 90, 12], [min($angles), max($angles), \count($angles)]);
        foreach (\array_slice($angles, 1) as $i => $angle) {
            self::assertGreaterThan($angles[$i], $angle);
            self::assertLessThanOrEqual(max(4, $angle / 3), $angle - $angles[$i], "$angle degrees");
        }
    }

    /** @return non-empty-list<int> */
    private static function angles(): array
    {
        return Flash::ANGLES;
    }

    /** Computed apart from the project: a lobe of |cos θ|^20 has a mean of 0.177 by trapezoids over these angles. */
    public function testTwelveAnglesOfAQuarterTurnHaveTheMeanOfAWholeOne(): void
    {
        $lobe = array_map(static fn (Angle $angle): float => abs($angle->cosine()) ** Radiance::LOBE, Flash::angles());
        $mean = 0.0;
        for ($i = 1; $i < 12; ++$i) {
            $mean += ($lobe[$i] + $lobe[$i - 1]) / 2 * (Flash::ANGLES[$i] - Flash::ANGLES[$i - 1]) / 90;
        }
        self::assertEqualsWithDelta(0.177, $mean, 0.0005);
        $flash = self::flash(Metal::Silver, self::viewing(Tint::Clay, 12, 1, Sky::Sun));
        self::assertEqualsWithDelta(0.176, ($flash->mean - 0.086) / ($flash->peak - 0.086), 0.002);
    }

    /** The worked examples of the model, computed apart from the project: silver in clay, steady +0.086 and at a glint +7.27. */
    public function testAFlashIsSevenTimesTheWaterASixthOfTheTime(): void
    {
        $flash = self::flash(Metal::Silver, self::viewing(Tint::Clay, 12, 1, Sky::Sun));
        self::assertEqualsWithDelta(7.27, $flash->peak, 0.15);
        self::assertEqualsWithDelta(1 / 6, $flash->share, 0.005);
    }

    public function testUnderCloudABladeIsOneDullTone(): void
    {
        $viewing = self::viewing(Tint::None, 96, 4, Sky::Overcast);
        foreach (Metal::cases() as $metal) {
            $flash = self::flash($metal, $viewing);
            self::assertSame(1.0, $flash->share);
            self::assertEqualsWithDelta($flash->peak, $flash->mean, 1e-12);
            self::assertCount(1, array_unique(self::turn($metal, $viewing)), $metal->value);
        }
    }

    /** Common practice, no source: silver flashes white, gold yellow, and both fall back between. */
    public function testInSunSilverFlashesWhiteAndGoldYellow(): void
    {
        $viewing = self::viewing(Tint::None, 96, 4, Sky::Sun);
        [$silver, $gold] = array_map(
            static fn (Metal $metal): array => array_map(
                static fn (string $hex): Lab => Srgb::hex($hex)->toLab(),
                self::turn($metal, $viewing),
            ),
            [Metal::Silver, Metal::Gold],
        );
        self::assertLessThan(8, hypot($silver[0]->a, $silver[0]->b));
        self::assertGreaterThan(20, $gold[0]->b);
        self::assertEqualsWithDelta(85, rad2deg(atan2($gold[0]->b, $gold[0]->a)), 20);
        foreach ([$silver, $gold] as $turn) {
            self::assertGreaterThan($turn[11]->l + 20, $turn[0]->l);
            for ($i = 1; $i < 12; ++$i) {
                self::assertLessThan($turn[$i - 1]->l + 0.5, $turn[$i]->l, 'It never brightens on its way from the flash.');
            }
        }
    }

    /** Common practice, no source. */
    public function testInMudAtNoonTheFlashIsTheLastThingToVanish(): void
    {
        $viewing = self::viewing(Tint::Clay, 4, 4 / 12, Sky::Sun, 70);
        $flash = ReducedPart::of(OpticalPart::metal('silver', Metal::Silver), $viewing)->flashRange();
        self::assertNotNull($flash);
        foreach (['#f4f4f0', '#141414', '#1f4fd0', '#4a4a22', '#e8641c'] as $hex) {
            $matte = ReducedPart::of(OpticalPart::matte('part', Srgb::hex($hex)), $viewing);
            self::assertTrue($flash->isLongerThan($matte->sightRange()), $hex);
        }
    }

    /** Common practice, no source: what is plain metal is nothing in mud, and its flash is seen. */
    public function testInMudABladeIsSeenByItsFlashFromFartherThanAtRest(): void
    {
        $reading = Readings::of(LureKind::Spinnerbait, 5, Tint::Clay, Sky::Sun);
        $viewing = Fits::viewing(Scene::of($reading, Direction::Side));
        $parts = [OpticalPart::metal('gold', Metal::Gold)];
        $atRest = ContrastCurves::of($viewing, $reading, $parts, [])->parts[0];
        $moving = BladesInMotion::of($viewing, $reading, $parts)->blades[0];
        $many = static fn (array $visible): int => \count(array_keys($visible, true, true));
        self::assertGreaterThan($many($atRest->visibleToBass), $many($moving->visibleToBass));
        self::assertGreaterThan($many($atRest->visibleToPerson), $many($moving->visibleToPerson));
    }

    /** What a turn shows at the eye is what stands in the scene there, and far out it is the water. */
    public function testABladeInMotionIsTheSameBladeFromEveryDistance(): void
    {
        $reading = Readings::of(LureKind::Spinnerbait, 20, Tint::Clay, Sky::Sun);
        $scene = Scene::of($reading, Direction::Side);
        $viewing = Fits::viewing($scene);
        $parts = [OpticalPart::metal('gold', Metal::Gold), OpticalPart::matte('white', Srgb::hex('#f4f4f0'))];
        $curve = ContrastCurves::of($viewing, $reading, $parts, [])->parts[0];
        $motion = BladesInMotion::of($viewing, $reading, $parts);
        self::assertCount(1, $motion->blades, 'Only metal turns its light.');
        $hex = static fn (Shown $shown): string => $shown->person->toHex();
        self::assertSame(array_map($hex, $curve->turn ?? []), array_map($hex, $motion->blades[0]->turns[0]));
        self::assertSame($hex($curve->shown[9]), $hex($motion->blades[0]->turns[9][11]));
        $tone = static fn (Shown $shown): float => $shown->person->toLab()->l;
        $mean = $tone($motion->blades[0]->means[0]);
        self::assertGreaterThan($tone($motion->blades[0]->turns[0][11]), $mean, 'A fast turn is brighter than a dull blade');
        self::assertLessThan($tone($motion->blades[0]->turns[0][0]), $mean, 'and never as bright as its flash.');
        $water = PersonEye::in($scene)->see($scene->background)->toLab();
        $turns = $motion->blades[0]->turns;
        $last = $turns[\count($turns) - 1];
        self::assertEqualsWithDelta($water->l, $last[0]->person->toLab()->l, 4.0);
    }

    /** Snell: a sun 50° high stands at acos(cos 50°/1.333) = 61.2° in the water; a blade leans half of that. */
    public function testABladeFlashesTiltedUp(): void
    {
        $reading = Readings::of(LureKind::Spinnerbait, 20, Tint::Clay, Sky::Sun);
        $sun = $reading->sunElevationOrUsual();
        $motion = BladesInMotion::of(Fits::viewing(Scene::of($reading, Direction::Side)), $reading, []);
        self::assertEqualsWithDelta(rad2deg(acos($sun->cosine() / 1.333)) / 2, $motion->tilt->inDegrees(), 1e-6);
    }

    private static function flash(Metal $metal, Viewing $viewing): Flash
    {
        $flash = Flash::of(ReducedPart::of(OpticalPart::metal('blade', $metal), $viewing));
        self::assertNotNull($flash);

        return $flash;
    }

    /** @return list<string> as a person sees it, angle by angle */
    private static function turn(Metal $metal, Viewing $viewing): array
    {
        $radiance = Radiance::of(OpticalPart::metal('blade', $metal), $viewing->scene, Fits::shared());
        $eye = PersonEye::in($viewing->scene);

        return array_map(static fn (Angle $angle): string => $eye->show(Xyz::ofLight($radiance->turned($angle)))->toHex(), Flash::angles());
    }

    private static function viewing(Tint $tint, float $inches, float $feet, Sky $sky, float $height = 50): Viewing
    {
        $water = WaterSolver::find(Length::inches($inches), $tint, SkyLight::of($sky, Angle::degrees($height)));

        return Fits::viewing(Scene::at($water, Length::feet($feet), Direction::Side));
    }
}
