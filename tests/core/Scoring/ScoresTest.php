<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\Inventory\PartColour;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Weight;
use Kontrast\Reading\Cover;
use Kontrast\Reading\CoverDensity;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\PartGoal;
use Kontrast\Rulebook\Slot;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\PartFit;
use Kontrast\Scoring\RuleScore;
use Kontrast\Scoring\ScoredTrait;
use Kontrast\Scoring\TraitScore;
use Kontrast\Scoring\VisionScore;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Fits;
use Tests\core\Readings;

/** How much say the trade and the eye have in a mark. */
final class ScoresTest extends TestCase
{
    public function testWhatWasPickedCountsInFullAndWhatNobodySpokeForNotAtAll(): void
    {
        $say = self::trade(Readings::of(LureKind::Jig, 9, forage: Forage::Crawfish));
        self::assertSame(1.0, $say->share(Slot::SkirtBase, 'black'));
        self::assertSame(0.0, $say->share(Slot::SkirtBase, 'purple'));
        foreach (Colour::cases() as $colour) {
            self::assertGreaterThanOrEqual(0.0, $say->share(Slot::SkirtBase, $colour->value));
            self::assertLessThanOrEqual(1.0, $say->share(Slot::SkirtBase, $colour->value));
        }
    }

    public function testAColourCountsByHowNearItIsToWhatWasPicked(): void
    {
        $say = self::trade(Readings::of(LureKind::Jig, 9, forage: Forage::Crawfish));
        $share = static fn (string $hex): float => $say->colour(Slot::SkirtBase, new PartColour(Srgb::hex($hex)))[0];
        self::assertEqualsWithDelta(1.0, $share(Palette::hex(Colour::Black)), 1e-9);
        self::assertGreaterThan($share('#3a3a3a'), $share('#1c1c1c'));
        self::assertGreaterThan($share('#ffffff'), $share('#3a3a3a'));
        self::assertSame(Colour::Black, $say->colour(Slot::SkirtBase, new PartColour(Srgb::hex('#1c1c1c')))[1]);
    }

    public function testAccentsAreMatchedAndThoseNobodyAskedForCost(): void
    {
        $say = self::trade(Readings::of(LureKind::Jig, 9));
        [$orange, $blue, $white] = [Bins::partColour(Colour::Orange), Bins::partColour(Colour::Blue), Bins::partColour(Colour::White)];
        self::assertSame(1.0, $say->accents([], []));
        self::assertSame(0.75, $say->accents([], [$orange]));
        self::assertEqualsWithDelta(1.0, $say->accents([Colour::Orange, Colour::Blue], [$blue, $orange]), 1e-9);
        self::assertSame(0.0, $say->accents([Colour::Orange], []));
        self::assertGreaterThan($say->accents([Colour::Orange], [$white]), $say->accents([Colour::Orange], [$orange, $white]));
        self::assertLessThan(1.0, $say->accents([Colour::Orange], [$orange, $white]));
    }

    public function testAWeightFallsOffFromTheAdvisedOne(): void
    {
        $say = self::trade(Readings::of(LureKind::Spinnerbait, feet: 3));
        $shares = array_map(static fn (float $ounces): float => $say->weight(Weight::ounces($ounces)), [0.375, 0.5, 0.75, 1.0]);
        self::assertSame(1.0, $shares[0]);
        $sorted = $shares;
        rsort($sorted);
        self::assertSame($sorted, $shares);
        self::assertSame(0.0, $shares[3]);
    }

    public function testAHookCountsByItsSize(): void
    {
        $say = self::trade(Readings::of(LureKind::Spinnerbait));
        self::assertSame(
            [0.5, 1.0, 0.5, 0.0],
            array_map(static fn (int $aught): float => $say->hook(HookSize::aught($aught)), [1, 2, 3, 4]),
        );
    }

    /** The handbook of the optics in its own words: in clay mud black stands out most and white least. */
    public function testInClayMudBlackIsSeenFarthestAndIsDarkestAndWhiteVanishes(): void
    {
        $reading = Readings::of(LureKind::Jig, 12, tint: Tint::Clay, sky: Sky::Sun, feet: 1, forage: Forage::Crawfish);
        $say = self::eye($reading);
        $meets = static fn (PartGoal $goal, Colour $colour): float => $say->meets(
            $goal,
            $say->reduce(Bins::partColour($colour)->part('p')),
        );
        self::assertGreaterThan($meets(PartGoal::FarthestSeen, Colour::White), $meets(PartGoal::FarthestSeen, Colour::Black));
        self::assertGreaterThan($meets(PartGoal::Darkest, Colour::White), $meets(PartGoal::Darkest, Colour::Black));
        self::assertGreaterThan($meets(PartGoal::LeastContrast, Colour::Black), $meets(PartGoal::LeastContrast, Colour::White));
        foreach (PartGoal::cases() as $one) {
            foreach (Colour::cases() as $colour) {
                self::assertGreaterThanOrEqual(0.0, $meets($one, $colour));
                self::assertLessThanOrEqual(1.0, $meets($one, $colour));
            }
        }
    }

    /** Plain metal is nearly invisible in mud under cloud and the strongest thing there in sun. */
    public function testABladeIsJudgedAtItsGlintWhereTheSunReachesIt(): void
    {
        $meets = static function (Sky $sky): float {
            $say = self::eye(Readings::of(LureKind::Spinnerbait, 12, tint: Tint::Clay, sky: $sky, feet: 1));

            return $say->meets(PartGoal::FarthestSeen, $say->reduce(Bins::blade(metal: Metal::Silver)->part('b')));
        };
        self::assertGreaterThan(2 * $meets(Sky::Overcast), $meets(Sky::Sun));
    }

    public function testTheFoodsOwnColourIsMostLikeTheFood(): void
    {
        foreach ([
            [Forage::Shad, Colour::Pearl, Colour::Black],
            [Forage::Perch, Colour::Yellow, Colour::Black],
            [Forage::Crawfish, Colour::Brown, Colour::White],
        ] as [$forage, $own, $other]) {
            $say = self::eye(Readings::of(LureKind::SwimJig, 48, forage: $forage));
            $like = static fn (Colour $colour): float => $say->meets(
                PartGoal::LikeForage,
                $say->reduce(Bins::partColour($colour)->part('p')),
            );
            self::assertEqualsWithDelta(1.0, $like($own), 1e-9, $forage->value);
            self::assertLessThan($like($own), $like($other));
        }
        $seen = self::eye(Readings::of(LureKind::SwimJig, 48, forage: Forage::Shad, seen: [Colour::Blue]));
        self::assertEqualsWithDelta(
            1.0,
            $seen->meets(PartGoal::LikeForage, $seen->reduce(Bins::partColour(Colour::Blue)->part('p'))),
            1e-9,
        );
    }

    /** T6, S16, H1; common practice, no source: what is to be left off is worth more left off. */
    public function testLeavingOffWhatIsToBeLeftOffIsWorthMost(): void
    {
        $warm = self::scorer(Readings::of(LureKind::Spinnerbait, 50, surface: 74));
        self::assertNull($warm->brief->build->trailer);
        self::assertSame($warm->trailer(null)->most(), $warm->trailer(null)->points);
        self::assertLessThan($warm->trailer(null)->points, $warm->trailer(Bins::trailer())->points);

        $heavy = self::scorer(Readings::of(LureKind::Spinnerbait, 30, cover: Cover::Wood, density: CoverDensity::Heavy));
        self::assertGreaterThan(
            $heavy->hook(new \Kontrast\Inventory\InventoryHook('k', '2/0', HookSize::aught(2)))->points,
            $heavy->hook(null)->points,
        );

        $bare = self::scorer(
            Readings::of(
                LureKind::BladedJig,
                40,
                season: Season::LateWinter,
                cover: Cover::Grass,
                surface: 46,
                trend: 4,
                forage: Forage::Shad,
            ),
        );
        self::assertNull($bare->brief->build->skirt);
        self::assertGreaterThan($bare->skirt(Bins::skirt())->points, $bare->skirt(null)->points);
    }

    /** A blade loses three tenths of its points for size for every number it is off, and no more than all. (Chosen.) */
    public function testABladeLosesForEveryNumberItIsOff(): void
    {
        $scorer = self::scorer(Readings::of(LureKind::Spinnerbait, 30));
        $advised = $scorer->brief->build->rearBlade()?->size->number ?? 0;
        $size = static function (int $off) use ($scorer, $advised): float {
            $blade = Bins::blade(size: $advised + $off);
            [$score] = array_values(array_filter(
                $scorer->rear($blade)->scores,
                static fn (TraitScore $score): bool => ScoredTrait::BladeSize === $score->trait,
            ));

            return $score->points / $score->of;
        };
        foreach ([[0, 1.0], [1, 0.7], [-1, 0.7], [2, 0.4]] as [$off, $share]) {
            self::assertEqualsWithDelta($share, $size($off), 1e-3, "$off numbers off");
        }
    }

    public function testALongTailLosesItsMarkWhereTheSkirtIsToBeCut(): void
    {
        $scorer = self::scorer(Readings::of(LureKind::Jig, 9));
        $cut = static fn (Trim $trim): int => array_sum(
            array_map(
                static fn (TraitScore $mark): int => ScoredTrait::SkirtCut === $mark->trait ? $mark->points : 0,
                $scorer->skirt(Bins::skirt(trim: $trim))->scores,
            ),
        );
        self::assertSame(2000, $cut(Trim::HookBend));
        self::assertLessThan(2000, $cut(Trim::LongTail));
    }

    /** A1: clevis to loop is a one-inch spacer and two beads of 5/32 in: 1.3125 in (worked by hand). */
    public function testTheRoomForAFrontBlade(): void
    {
        self::assertEqualsWithDelta(1.3125, PartFit::clevisToLoop()->inInches(), 1e-12);
        self::assertFalse(PartFit::clashes(Bins::blade(BladeShape::Colorado, 3)));
        self::assertTrue(PartFit::clashes(Bins::blade(BladeShape::Willow, 3)));
        self::assertFalse(
            PartFit::front(Bins::blade(BladeShape::Colorado, 2, id: 'same'), Bins::blade(BladeShape::Colorado, 3, id: 'same')),
            'One blade cannot hang in two places.',
        );
    }

    private static function trade(Reading $reading): RuleScore
    {
        return new RuleScore(Adviser::standard()->brief($reading));
    }

    private static function eye(Reading $reading): VisionScore
    {
        return self::scorer($reading)->vision;
    }

    private static function scorer(Reading $reading): BuildScorer
    {
        return new BuildScorer($reading, Adviser::standard()->brief($reading), Fits::shared());
    }
}
