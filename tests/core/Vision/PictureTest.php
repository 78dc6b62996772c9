<?php

declare(strict_types=1);

namespace Tests\core\Vision;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Opacity;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Lab;
use Kontrast\Material\Metal;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Palette;
use Kontrast\Material\Radiance;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Vision\Adaptation;
use Kontrast\Vision\Ciede2000;
use Kontrast\Vision\ColoursOverDepth;
use Kontrast\Vision\ContrastCurves;
use Kontrast\Vision\FadeRange;
use Kontrast\Vision\PersonEye;
use Kontrast\Vision\Screen;
use Kontrast\Vision\Separation;
use Kontrast\Water\Direction;
use Kontrast\Water\Grid;
use Kontrast\Water\Scene;
use Kontrast\Water\Spectrum;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;
use Tests\core\Readings;

/** The pieces between a part and a picture of it. */
final class PictureTest extends TestCase
{
    /** An exponential has its crossing where mathematics puts it: 8·e^(−2r) falls to 1 at ln(8)/2. */
    public function testARangeIsTheLastCrossing(): void
    {
        self::assertEqualsWithDelta(
            log(8) / 2,
            FadeRange::where(static fn (float $r): float => 8 * exp(-2 * $r), 1.0, 2.0)->inMetres(),
            1e-9,
        );
    }

    public function testARangeThatDipsAndComesBackCountsToItsLastEnd(): void
    {
        $dips = static fn (float $r): float => abs(cos($r)) * exp(-0.2 * $r);
        self::assertGreaterThan(\M_PI / 2, FadeRange::where($dips, 0.3, 1.0)->inMetres());
    }

    /** What glints a hundred million times brighter than its limit is lost at ln(10⁸) = 18.4 mean free paths. */
    public function testWhatIsVeryBrightIsFollowedFarOut(): void
    {
        $fades = static fn (float $r): float => 1e8 * exp(-2 * $r);
        self::assertEqualsWithDelta(log(1e8) / 2, FadeRange::where($fades, 1.0, 2.0)->inMetres(), 1e-6);
    }

    public function testWhatNeverReachesTheLimitHasNoRange(): void
    {
        self::assertSame(0.0, FadeRange::where(static fn (float $r): float => 0.01, 0.05, 3.0)->inMetres());
    }

    #[DataProvider('readings')]
    public function testAPairReadsByItsDifference(float $jnd, Separation $reads): void
    {
        self::assertSame($reads, Separation::at($jnd));
    }

    /** @return iterable<string, array{float, Separation}> */
    public static function readings(): iterable
    {
        yield 'nothing' => [0.0, Separation::One];
        yield 'one' => [1.0, Separation::One];
        yield 'a little' => [1.01, Separation::Tonal];
        yield 'two and a half' => [2.5, Separation::Tonal];
        yield 'more' => [6.0, Separation::TwoTone];
        yield 'much more' => [6.01, Separation::Stark];
    }

    /** CAT16 at D65 is the identity, whatever the degree. */
    public function testAnEyeUnderD65IsUsedToItAlready(): void
    {
        $colour = new Xyz(0.3, 0.4, 0.2);
        $adapted = Adaptation::to(Xyz::d65(), 0.5)->adapt($colour);
        self::assertEqualsWithDelta($colour->x, $adapted->x, 1e-4);
        self::assertEqualsWithDelta($colour->y, $adapted->y, 1e-4);
        self::assertEqualsWithDelta($colour->z, $adapted->z, 1e-4);
    }

    public function testHalfAdaptedAYellowishWhiteLooksLessYellow(): void
    {
        $lamp = new Xyz(1.0985, 1.0, 0.3558);
        $seen = Adaptation::to($lamp, 0.5)->adapt($lamp);
        self::assertGreaterThan($lamp->z / $lamp->y, $seen->z / $seen->y);
        self::assertLessThan(1.08883, $seen->z / $seen->y);
    }

    public function testAWhiteThingIsTheBrightestOnTheScreenFromTheSide(): void
    {
        [$scene] = self::screen(Tint::Green);
        $light = static fn (Colour $colour): Spectrum => Radiance::of(
            BuildOptics::coloured('x', $colour, Opacity::Opaque),
            $scene,
            Fits::shared(),
        )->steady;
        $eye = PersonEye::in($scene);
        $white = $eye->see($light(Colour::White));
        foreach ([Colour::Black, Colour::Brown, Colour::GreenPumpkin, Colour::Blue] as $colour) {
            self::assertGreaterThan($eye->see($light($colour))->green, $white->green, $colour->value);
        }
    }

    public function testTheTwoConeViewHasOneColourForGreenAndBlue(): void
    {
        [$scene, $screen] = self::screen(Tint::None);
        foreach (Colour::cases() as $colour) {
            $seen = $screen->bass(Radiance::of(BuildOptics::coloured('x', $colour, Opacity::Opaque), $scene, Fits::shared())->steady);
            self::assertSame($seen->green, $seen->blue, $colour->value);
        }
    }

    public function testAtNightTheTwoConeViewIsGrey(): void
    {
        [$scene, $screen] = self::screen(Tint::Green, Sky::Night);
        $seen = $screen->bass(Radiance::of(BuildOptics::coloured('x', Colour::Red, Opacity::Opaque), $scene, Fits::shared())->steady);
        self::assertSame($seen->red, $seen->green);
    }

    public function testEveryPictureFadesIntoTheWater(): void
    {
        $reading = Readings::of(LureKind::Spinnerbait, 20);
        $curves = ContrastCurves::of(
            Fits::viewing(Scene::of($reading, Direction::Side)),
            $reading,
            BuildOptics::parts(Adviser::standard()->advise($reading)->build),
            [['skirt.0', 'blade.rear'], ['nothing', 'head']],
        );
        self::assertCount(1, $curves->pairs, 'A pair that names no part is left out.');
        self::assertEqualsWithDelta(1.0, $curves->left[0], 1e-12);
        foreach ($curves->parts as $part) {
            self::assertCount(\count($curves->distances), $part->contrast);
            self::assertLessThan(abs($part->contrast[0]) + 1e-6, abs($part->contrast[\count($part->contrast) - 1]));
        }
    }

    /** A stop doubles the light: IEC 61966-2-1 undone, every channel that does not burn out is 2^n as bright. */
    public function testAStopDoublesTheLight(): void
    {
        [$scene, $screen] = self::screen(Tint::Tannic);
        $twice = $screen->brighter(1.0);
        $before = $screen->bass($scene->background)->toLinear();
        foreach ($twice->bass($scene->background)->toLinear() as $channel => $light) {
            self::assertEqualsWithDelta(min(1.0, 2 * $before[$channel]), $light, 1e-9);
        }
    }

    /** The grey card of photographers, 18 % of white: common practice. */
    public function testTheAutomaticExposurePutsTheMiddleOfADarkWaterAtAGreyCardAndDarkensNothing(): void
    {
        [$tea, $screen] = self::screen(Tint::Tannic);
        $stops = $screen->stopsFor([$tea->background]);
        self::assertSame(round(2 * $stops), 2 * $stops, 'In halves of a stop.');
        self::assertGreaterThanOrEqual(1.0, $stops);
        [$below, $bright] = self::screen(Tint::None, from: Direction::Below);
        self::assertSame(0.0, $bright->stopsFor([$below->background]));
        self::assertSame(4.0, $screen->stopsFor([Spectrum::flat(0.0)]), 'No more than four stops, whatever the dark.');
    }

    public function testWhatIsVisibleAndWhatIsSeparateAreLostWithDistance(): void
    {
        $reading = Readings::of(LureKind::Jig, 20, Tint::Clay);
        $curves = ContrastCurves::of(
            Fits::viewing(Scene::of($reading, Direction::Side)),
            $reading,
            [
                BuildOptics::coloured('black', Colour::Black, Opacity::Opaque),
                BuildOptics::coloured('also black', Colour::Black, Opacity::Opaque),
                BuildOptics::coloured('white', Colour::White, Opacity::Opaque),
            ],
            [['black', 'also black'], ['black', 'white']],
        );
        $black = $curves->parts[0];
        foreach (['Person' => $black->visibleToPerson, 'Bass' => $black->visibleToBass] as $eye => $visible) {
            self::assertTrue($visible[0], $eye);
            $sorted = $visible;
            rsort($sorted);
            self::assertSame($sorted, $visible, "Once lost, it stays lost to a $eye.");
            self::assertNotContains(true, $curves->pairs[0]["separateTo$eye"], 'Two of a colour are one.');
            self::assertTrue($curves->pairs[1]["separateTo$eye"][0], $eye);
        }
        $lost = \count(array_filter($black->visibleToBass, static fn (bool $one): bool => $one));
        $range = $black->part->sightRange();
        self::assertFalse($range->isLongerThan($curves->distances[$lost] ?? $range), 'Gone from the figure beside it on.');
    }

    /** In the displayed colors, below a CIEDE2000 of two it is gone; chosen. */
    public function testAPartIsGoneToAPersonWhereItsShownColorIsNearTheWaters(): void
    {
        $reading = Readings::of(LureKind::Jig, 20, Tint::Clay);
        $scene = Scene::of($reading, Direction::Side);
        $black = BuildOptics::coloured('black', Colour::Black, Opacity::Opaque);
        $curves = ContrastCurves::of(Fits::viewing($scene), $reading, [$black], []);
        $light = Radiance::of($black, $scene, Fits::shared())->steady;
        $eye = PersonEye::in($scene);
        $water = $eye->see($scene->background)->toLab();
        foreach ($curves->distances as $i => $distance) {
            $apart = Ciede2000::between($eye->see($scene->through($light, $distance))->toLab(), $water);
            self::assertSame($apart >= 2.0, $curves->parts[0]->visibleToPerson[$i]);
        }
    }

    public function testThePartsOfABuildAreNamedByWhereTheySit(): void
    {
        $build = Adviser::standard()->advise(Readings::of(LureKind::Spinnerbait, 12))->build;
        $ids = array_map(static fn (OpticalPart $part): string => $part->id, BuildOptics::parts($build));
        foreach (['steel', 'head', 'blade.front', 'blade.rear', 'skirt.0', 'trailer.0'] as $id) {
            self::assertContains($id, $ids);
        }
        self::assertSame($ids, array_values(array_unique($ids)));
    }

    public function testADulledBladeNoLongerShines(): void
    {
        $build = Adviser::standard()->advise(Readings::of(LureKind::BladedJig, 130, sky: Sky::Sun))->build;
        self::assertTrue($build->blades[0]->darkened);
        $isRear = static fn (OpticalPart $part): bool => 'blade.rear' === $part->id;
        $blade = array_values(array_filter(BuildOptics::parts($build), $isRear))[0];
        self::assertNull($blade->metal);
    }

    /**
     * A word that looks like another in the hand would be picked by its name alone. Below about 2 of CIEDE2000 two swatches pass for one.
     */
    public function testNoTwoColourWordsLookTheSameInTheHand(): void
    {
        $lab = static fn (Colour $colour): Lab => Lab::of(Srgb::hex(Palette::hex($colour))->toXyz(), Xyz::d65());
        foreach (Colour::cases() as $i => $one) {
            foreach (\array_slice(Colour::cases(), $i + 1) as $other) {
                self::assertGreaterThan(2.0, Ciede2000::between($lab($one), $lab($other)), "$one->value, $other->value");
            }
        }
    }

    public function testMetalsReflectAsTheyLook(): void
    {
        $at = static fn (Metal $metal, int $nm): float => $metal->reflectance()->samples[intdiv($nm - Grid::FIRST_NM, Grid::STEP_NM)];
        self::assertSame($at(Metal::Silver, 450), $at(Metal::Silver, 650));
        self::assertSame([0.38, 0.90], [$at(Metal::Gold, 450), $at(Metal::Gold, 600)]);
        self::assertEqualsWithDelta(0.64, $at(Metal::Gold, 520), 1e-9, 'Half way up the ramp.');
        self::assertSame([0.50, 0.92], [$at(Metal::Copper, 500), $at(Metal::Copper, 650)]);
    }

    /** The dye gives back its yield of what it took: the band's area is η · Σ_(λ<cut) face·10 / π. */
    #[DataProvider('partColours')]
    public function testADyeGivesBackItsYield(Fluorescence $partColour, int $taken, float $yield): void
    {
        $glow = $partColour->glow(Spectrum::flat(1.0));
        self::assertEqualsWithDelta($yield * $taken * 10 / \M_PI, $glow->sum() * 10, 0.01 * $taken);
    }

    /** @return iterable<string, array{Fluorescence, int, float}> dye, samples below its cut, yield */
    public static function partColours(): iterable
    {
        yield 'chartreuse' => [Fluorescence::Chartreuse, 8, 0.35];
        yield 'orange' => [Fluorescence::Orange, 14, 0.25];
        yield 'none' => [Fluorescence::None, 0, 0.0];
    }

    public function testADyeHasNothingToGiveBackWhereThereIsNoBlue(): void
    {
        $red = Spectrum::from(static fn (float $nm): float => $nm >= 600 ? 1.0 : 0.0);
        self::assertSame(0.0, Fluorescence::Chartreuse->glow($red)->sum());
    }

    public function testASeeThroughPartIsHalfWater(): void
    {
        $scene = self::screen(Tint::Green)[0];
        $solid = Radiance::of(OpticalPart::matte('a', Srgb::hex('#ffffff'), opacity: 1.0), $scene, Fits::shared())->steady->samples[15];
        $half = Radiance::of(OpticalPart::matte('a', Srgb::hex('#ffffff'), opacity: 0.5), $scene, Fits::shared())->steady->samples[15];
        $none = Radiance::of(OpticalPart::matte('a', Srgb::hex('#ffffff'), opacity: 0.0), $scene, Fits::shared())->steady->samples[15];
        self::assertEqualsWithDelta($scene->background->samples[15], $none, 1e-15);
        self::assertEqualsWithDelta(($solid + $none) / 2, $half, 1e-12);
    }

    public function testOpacityBeyondItsBoundsIsRefused(): void
    {
        $this->expectException(\DomainException::class);
        OpticalPart::matte('a', Srgb::hex('#ffffff'), opacity: \NAN);
    }

    /** The claim that lime green alone keeps its colour at every depth, put to the test in tea. */
    public function testLimeGreenIsNotTheOnlyColourThatHolds(): void
    {
        $hold = ColoursOverDepth::in(Readings::of(LureKind::Jig, 30, Tint::Tannic), Direction::Side, Fits::shared());
        $deepest = [];
        foreach ($hold->colours as $held) {
            $deepest[$held['colour']->value] = $held['jnd'][\count($held['jnd']) - 1];
        }
        $lime = $deepest['chartreuse'] ?? 0.0;
        self::assertGreaterThan(1.0, $lime, 'It holds, but not alone:');
        self::assertGreaterThan($lime, $deepest['black'] ?? 0.0);
        self::assertGreaterThan($lime, $deepest['white'] ?? 0.0);
    }

    public function testDepthsAreDarkerTheDeeper(): void
    {
        $lux = ColoursOverDepth::in(Readings::of(LureKind::Jig, 30), Direction::Side, Fits::shared())->lux;
        $falling = $lux;
        rsort($falling);
        self::assertSame($falling, $lux);
    }

    /** From near the surface down to where a lure is lost from sight, in even steps: two dozen. */
    public function testDepthsReachAsFarAsALureIsSeen(): void
    {
        $depths = ColoursOverDepth::in(Readings::of(LureKind::Jig, 30), Direction::Side, Fits::shared())->depths;
        self::assertCount(24, $depths);
        foreach ($depths as $i => $depth) {
            self::assertEqualsWithDelta(30 * ($i + 1) / 24, $depth->inInches(), 1e-9);
        }
    }

    public function testASpectrumHasThirtyOneSamples(): void
    {
        $this->expectException(\LengthException::class);
        Spectrum::of([1.0, 2.0]);
    }

    public function testTheGazeRemembersWithoutRunningFull(): void
    {
        $viewing = Fits::viewing(self::screen(Tint::Clay)[0]);
        $before = $viewing->left(3.0)[0];
        foreach (range(0, 2999) as $i) {
            $viewing->left($i / 1000);
        }
        self::assertSame($before, $viewing->left(3.0)[0]);
        self::assertEqualsWithDelta(1.0, $viewing->left(0.0)[0], 1e-15);
    }

    public function testTheJudgingDistanceShrinksWithTheWater(): void
    {
        $at = static fn (float $inches): Length => Scene::of(Readings::of(LureKind::Jig, $inches), Direction::Side)->judgingDistance();
        self::assertTrue($at(40)->isLongerThan($at(10)));
    }

    /** @return array{Scene, Screen} */
    private static function screen(Tint $tint, Sky $sky = Sky::Broken, Direction $from = Direction::Side): array
    {
        $scene = Scene::of(Readings::of(LureKind::Jig, 24, $tint, $sky), $from);

        return [$scene, Screen::for(Fits::viewing($scene))];
    }
}
