<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\BuildSheet\Misfits;
use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryPart;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Scoring\AdvisedBuild;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Scoring\ShoppingPlan;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Fits;
use Tests\core\Readings;

/** The advised build out of owned parts and generic ones, and what is to be bought for it. */
final class AdvisedBuildTest extends TestCase
{
    public function testWithoutAnyPartTheAdvisedBuildIsGenericThroughout(): void
    {
        foreach (Readings::random(40, 5) as $reading) {
            $scorer = self::scorer($reading);
            $build = (new AdvisedBuild($scorer))->make(Inventory::of([]));
            $advised = $scorer->brief->build;
            self::assertCount(\count($build->parts()), AdvisedBuild::notOwned($build));
            self::assertSame(null === $advised->skirt, null === $build->skirt);
            self::assertSame($advised->skirt?->base, $build->inWords()->skirt?->base);
            self::assertSame($advised->trailer?->style, $build->trailer?->style);
            self::assertSame($advised->trailer->belly ?? [], $build->inWords()->trailer->belly ?? []);
            self::assertCount(\count($advised->blades), $build->blades());
            self::assertTrue($advised->head->weight->inOunces() === $build->head->weight->inOunces());
        }
    }

    public function testGenericPartsOfTheAdviceScoreNearlyFullMarks(): void
    {
        foreach (Readings::random(40, 6) as $reading) {
            $scorer = self::scorer($reading);
            $measured = $scorer->measure(GenericParts::compose($scorer->brief->build));
            // What is lost is the model's own judgement of the colors, never a trait the rules decide.
            self::assertGreaterThan(0.75 * $measured->most(), $measured->points, $reading->lure->value);
        }
    }

    public function testAnOwnedPartTakesTheSlotWhereItCostsLittleAndNotWhereItCostsMuch(): void
    {
        $reading = Readings::of(LureKind::Jig, 9, forage: Forage::Crawfish);
        $scorer = self::scorer($reading);
        $right = GenericParts::compose($scorer->brief->build);
        $blackHead = Bins::head();
        $white = Bins::skirt(Colour::White);
        $build = (new AdvisedBuild($scorer))->make(Inventory::of([$blackHead, $white]));
        self::assertSame($blackHead, $build->head);
        self::assertNotSame($white, $build->skirt);
        self::assertEquals($right->skirt, $build->skirt);
    }

    public function testNoSlotCostsMoreThanIsAllowed(): void
    {
        $bin = Bins::random(31, 6, 10, 8, 8, 5);
        foreach (Readings::random(30, 8) as $reading) {
            $scorer = self::scorer($reading);
            $generic = (new AdvisedBuild($scorer))->make(Inventory::of([]));
            $build = (new AdvisedBuild($scorer))->make($bin);
            $owned = \count($build->parts()) - \count(AdvisedBuild::notOwned($build));
            self::assertGreaterThanOrEqual(
                $scorer->measure($generic)->points - AdvisedBuild::MOST_LOST * (1 + $owned),
                $scorer->measure($build)->points,
            );
        }
    }

    public function testTheAdvisedBuildFitsTogether(): void
    {
        $bin = Bins::random(33, 6, 10, 8, 8, 5);
        foreach (Readings::random(60, 9) as $reading) {
            $build = (new AdvisedBuild(self::scorer($reading)))->make($bin);
            self::assertTrue($build->head->isFor($reading->lure));
            $front = $build->front;
            $rear = $build->rear;
            if (null !== $front && null !== $rear) {
                self::assertLessThanOrEqual($rear->size->number, $front->size->number);
            }
            $said = array_map(static fn ($misfit): string => $misfit->text, Misfits::find($build));
            self::assertSame([], array_filter($said, static fn (string $text): bool => str_contains($text, 'does not fit')));
        }
    }

    public function testAPartThatServesTwoReadingsIsBoughtOnce(): void
    {
        $scorers = array_map(
            static fn (float $inches): BuildScorer => self::scorer(Readings::of(LureKind::Jig, $inches, forage: Forage::Crawfish)),
            [8.0, 9.0, 10.0],
        );
        $list = ShoppingPlan::plan($scorers, Inventory::of([]));
        $ids = array_map(static fn (array $item): string => $item['part']->id(), $list);
        self::assertSame(array_values(array_unique($ids)), $ids);
        foreach ($list as $item) {
            self::assertSame([0, 1, 2], $item['readings']);
        }
    }

    public function testWithTheListBoughtNothingIsLeftToBuy(): void
    {
        foreach ([LureKind::Spinnerbait, LureKind::BladedJig, LureKind::SwimJig] as $kind) {
            $scorers = array_map(static fn (float $inches): BuildScorer => self::scorer(Readings::of($kind, $inches)), [6.0, 24.0, 70.0]);
            $bought = array_map(static fn (array $item): InventoryPart => $item['part'], ShoppingPlan::plan($scorers, Inventory::of([])));
            foreach ($scorers as $scorer) {
                $build = (new AdvisedBuild($scorer))->make(Inventory::of($bought));
                $best = (new BuildSearch(Inventory::of($bought), $scorer, 1))->best()[0];
                self::assertGreaterThanOrEqual($scorer->measure($build)->points, $best->scores->points);
                foreach (AdvisedBuild::notOwned($build) as $part) {
                    self::assertContains($part->id(), array_map(static fn (InventoryPart $one): string => $one->id(), $bought));
                }
            }
        }
    }

    private static function scorer(Reading $reading): BuildScorer
    {
        return new BuildScorer($reading, Adviser::standard()->brief($reading), Fits::shared());
    }
}
