<?php

declare(strict_types=1);

namespace Tests\core\Lure;

use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeDimensions;
use Kontrast\Lure\BladeMount;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\HookDimensions;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Measurer;
use Kontrast\Lure\WeightRange;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Reading\ClarityBand;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Adviser;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** The lengths a build comes out at. Common practice, no source, where nothing is said. */
final class MeasurerTest extends TestCase
{
    /** A ball of lead of the same volume is the independent check: V = m/ρ, d = (6V/π)^⅓, ρ = 11.34 g/cm³. */
    #[DataProvider('weights')]
    public function testAHeadIsAsLargeAsItsLead(float $ounces): void
    {
        $build = self::advise(Readings::of(LureKind::Jig))->build;
        $head = new \Kontrast\Lure\Head(Weight::ounces($ounces), WeightRange::ounces($ounces, $ounces), $build->head->colour);
        $measures = Measurer::measure(new \Kontrast\Lure\Build($build->kind, $head, [], $build->skirt, $build->trailer, null));
        $ball = (6 * $ounces * 28.349523125 / 11.34 / \M_PI) ** (1 / 3) / 2.54;
        $product = $measures->headLength->inInches() * $measures->headHeight->inInches() ** 2;
        self::assertEqualsWithDelta($ball ** 3, $product, 1e-6);
    }

    /** @return iterable<string, array{float}> */
    public static function weights(): iterable
    {
        yield 'a quarter' => [0.25];
        yield 'three eighths' => [0.375];
        yield 'an ounce and a half' => [1.5];
    }

    public function testATrailerHookReachesToTheEndOfTheSkirtAndNoFurther(): void
    {
        $measures = Measurer::measure(self::advise(Readings::of(LureKind::Spinnerbait))->build);
        self::assertNotNull($measures->trailerHook);
        self::assertNotNull($measures->skirt);
        $end = $measures->hookShank->inInches() - $measures->hookGap->inInches() / 2 + $measures->trailerHook->inInches();
        self::assertGreaterThanOrEqual($end, $measures->skirt->inInches());
        self::assertLessThan($end + 0.25, $measures->skirt->inInches());
    }

    public function testASkirtIsTrimmedAtTheBendOfTheHook(): void
    {
        $measures = Measurer::measure(self::advise(Readings::of(LureKind::Jig))->build);
        self::assertNotNull($measures->skirt);
        self::assertEqualsWithDelta($measures->hookShank->inInches(), $measures->skirt->inInches(), 0.15);
    }

    public function testALongTailIsLongerThanAnyTrim(): void
    {
        $measures = Measurer::measure(
            self::advise(
                Readings::of(LureKind::Spinnerbait, 40, season: Season::EarlySpring, forage: Forage::Shad, surface: 50, forageInches: 6),
            )->build,
        );
        self::assertGreaterThan(4.0, $measures->skirt?->inInches() ?? 0.0);
    }

    public function testAShortArmIsShorter(): void
    {
        $long = Measurer::measure(self::advise(Readings::of(LureKind::Spinnerbait))->build);
        $short = Measurer::measure(self::advise(Readings::of(LureKind::Spinnerbait, arm: Arm::Short))->build);
        self::assertLessThan($long->wireToBlade?->inInches() ?? 0.0, $short->wireToBlade?->inInches() ?? \INF);
    }

    public function testOnlyASpinnerbaitHasAWire(): void
    {
        self::assertNull(Measurer::measure(self::advise(Readings::of(LureKind::BladedJig))->build)->wireToHead);
    }

    public function testASkirtlessLureIsAsLongAsItsHeadAndTrailer(): void
    {
        $build = self::advise(Readings::of(
            LureKind::BladedJig,
            season: Season::EarlySpring,
            cover: Cover::Grass,
            forage: Forage::Shad,
            surface: 50,
            trend: 4,
        ))->build;
        self::assertNull($build->skirt);
        $measures = Measurer::measure($build);
        self::assertEqualsWithDelta($measures->headLength->inInches() + 5.0, $measures->overall->inInches(), 1e-9);
    }

    public function testNothingMeasuresLessThanNothing(): void
    {
        foreach (Readings::random(120, 31) as $reading) {
            $measures = Measurer::measure(self::advise($reading)->build);
            foreach ([
                $measures->headLength,
                $measures->headHeight,
                $measures->hookShank,
                $measures->hookGap,
                $measures->overall,
            ] as $length) {
                self::assertGreaterThan(0.1, $length->inInches());
                self::assertLessThan(9.0, $length->inInches());
            }
            self::assertTrue($measures->overall->isLongerThan($measures->headLength));
        }
    }

    public function testBladesGrowWithTheirNumber(): void
    {
        foreach (BladeShape::cases() as $shape) {
            foreach (range(1, 6) as $number) {
                self::assertTrue(
                    BladeDimensions::length($shape, BladeSize::number($number + 1))->isLongerThan(
                        BladeDimensions::length($shape, BladeSize::number($number)),
                    ),
                );
            }
        }
    }

    public function testAWillowIsLongAndNarrowAndAColoradoNearlyRound(): void
    {
        $ratio = static fn (BladeShape $shape): float => BladeDimensions::length(
            $shape,
            BladeSize::number(4),
        )->inInches() / BladeDimensions::width($shape, BladeSize::number(4))->inInches();
        self::assertGreaterThan(2.5, $ratio(BladeShape::Willow));
        self::assertLessThan(1.35, $ratio(BladeShape::Colorado));
        self::assertGreaterThan($ratio(BladeShape::Colorado), $ratio(BladeShape::Indiana));
        self::assertLessThan($ratio(BladeShape::Willow), $ratio(BladeShape::Indiana));
    }

    public function testHeavierHeadsCarryLargerHooks(): void
    {
        self::assertSame(
            ['3/0', '4/0', '5/0'],
            array_map(static fn (float $ounces): string => HookDimensions::forHead(Weight::ounces($ounces))->label(), [0.25, 0.375, 0.5]),
        );
        self::assertTrue(HookDimensions::shank(HookSize::aught(4))->isLongerThan(HookDimensions::shank(HookSize::aught(2))));
    }

    /** @param class-string<\Throwable> $error */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefused(callable $make, string $error, string $says): void
    {
        $this->expectException($error);
        $this->expectExceptionMessage($says);
        $make();
    }

    /** @return iterable<string, array{callable(): object, class-string<\Throwable>, string}> */
    public static function impossible(): iterable
    {
        yield 'a blade of size 8' => [
            static fn (): object => BladeSize::number(8),
            \DomainException::class,
            'Blade sizes run from 1 to 7; 8 is not one of them.',
        ];
        yield 'a hook of 9/0' => [static fn (): object => HookSize::aught(9), \DomainException::class, '9/0 is not one of them.'];
        yield 'a range that runs backwards' => [
            static fn (): object => WeightRange::ounces(0.5, 0.25),
            \DomainException::class,
            'starts with its lighter end',
        ];
    }

    #[DataProvider('bands')]
    public function testClarityHasItsNames(float $inches, ClarityBand $band): void
    {
        self::assertSame($band, ClarityBand::of(Length::inches($inches)));
    }

    /** @return iterable<string, array{float, ClarityBand}> */
    public static function bands(): iterable
    {
        yield 'an inch' => [1, ClarityBand::Muddy];
        yield 'six inches' => [6, ClarityBand::Dirty];
        yield 'just under a foot and a half' => [17.9, ClarityBand::Dirty];
        yield 'a foot and a half' => [18, ClarityBand::Stained];
        yield 'three feet' => [36, ClarityBand::Clear];
        yield 'five feet' => [60, ClarityBand::Clear];
        yield 'past five feet' => [60.5, ClarityBand::VeryClear];
    }

    public function testTheHookStaysOffInThickCover(): void
    {
        $measures = Measurer::measure(
            self::advise(Readings::of(LureKind::Spinnerbait, cover: Cover::Wood, density: CoverDensity::Heavy))->build,
        );
        self::assertNull($measures->trailerHook);
    }

    private static function advise(Reading $reading): Advice
    {
        static $adviser = null;
        $adviser ??= Adviser::standard();
        \assert($adviser instanceof Adviser);

        return $adviser->advise($reading);
    }

    /** Common practice, no source (A1, A3, H1, S17, R9): what a kind is made of. */
    #[TestWith([LureKind::Jig, BladeMount::None, false, false, false])]
    #[TestWith([LureKind::SwimJig, BladeMount::None, false, false, true])]
    #[TestWith([LureKind::Spinnerbait, BladeMount::Wire, true, false, true])]
    #[TestWith([LureKind::BladedJig, BladeMount::Snap, false, true, true])]
    public function testAKindKnowsItsAnatomy(LureKind $kind, BladeMount $mount, bool $hasHook, bool $isSkirtless, bool $isWound): void
    {
        self::assertSame($mount, $kind->bladeMount());
        self::assertSame([$hasHook, $isSkirtless, $isWound], [$kind->takesTrailerHook(), $kind->goesWithoutSkirt(), $kind->isWound()]);
        self::assertSame(BladeMount::None !== $mount, $kind->hasBlade());
        self::assertSame([BladeMount::Wire === $mount, BladeMount::Snap === $mount], [$kind->hasTandem(), $kind->hasPlate()]);
        self::assertSame(BladeMount::Snap === $mount, $mount->takes(BladeShape::BladedJig));
        self::assertSame(BladeMount::Wire === $mount, $mount->takes(BladeShape::Willow));
    }
}
