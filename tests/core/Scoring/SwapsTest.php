<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Trim;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Scoring\MissingParts;
use Kontrast\Scoring\Swap;
use Kontrast\Scoring\SwapKind;
use Kontrast\Scoring\Swaps;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Fits;
use Tests\core\Readings;

/** What one change gains, and what one part not owned would. */
final class SwapsTest extends TestCase
{
    public function testEverySwapGainsWhatItSays(): void
    {
        $bin = Bins::random(21, 5, 8, 6, 6, 5);
        foreach (LureKind::cases() as $kind) {
            $scorer = self::scorer(Readings::of($kind));
            $build = (new BuildSearch($bin, $scorer, 40))->best()[30]->build ?? self::fail('So many builds there are.');
            $now = $scorer->measure($build)->points;
            foreach ((new Swaps($bin, $scorer))->find($build) as $swap) {
                self::assertGreaterThan(0, $swap->gain);
                self::assertSame($now + $swap->gain, $scorer->measure($swap->build)->points);
            }
        }
    }

    public function testNothingInTheBinBettersTheBestByOneChange(): void
    {
        $bin = Bins::random(22, 5, 8, 6, 6, 5);
        $scorer = self::scorer(Readings::of(LureKind::Spinnerbait, 40));
        $best = (new BuildSearch($bin, $scorer))->best()[0];
        $another = array_filter(
            (new Swaps($bin, $scorer))->find($best->build),
            static fn (Swap $swap): bool => SwapKind::Another === $swap->kind || SwapKind::Off === $swap->kind,
        );
        self::assertSame([], $another);
    }

    /** Common practice, no source (B8): in super clear water a gold blade is darkened with a marker. */
    public function testAMarkerOnTheBladeIsASwap(): void
    {
        $reading = Readings::of(LureKind::BladedJig, 130, tint: Tint::None, sky: Sky::Sun, forage: Forage::Perch);
        $scorer = self::scorer($reading);
        self::assertTrue($scorer->brief->build->blades[0]->darkened);
        $build = new Composition(
            LureKind::BladedJig,
            Bins::head(),
            null,
            Bins::blade(BladeShape::BladedJig, 3),
            Bins::skirt(Colour::GreenPumpkin),
            Bins::trailer(Colour::GreenPumpkin),
            null,
        );
        $kinds = array_map(static fn (Swap $swap): SwapKind => $swap->kind, (new Swaps(Inventory::of([]), $scorer))->find($build));
        self::assertContains(SwapKind::Marker, $kinds);
    }

    public function testALongTailIsCutBackWhereATrailerSwims(): void
    {
        $build = new Composition(LureKind::Jig, Bins::head(), null, null, Bins::skirt(trim: Trim::LongTail), Bins::trailer(), null);
        $kinds = array_map(
            static fn (Swap $swap): SwapKind => $swap->kind,
            (new Swaps(Inventory::of([]), self::scorer(Readings::of(LureKind::Jig, 10))))->find($build),
        );
        self::assertContains(SwapKind::Trim, $kinds);
    }

    public function testTheMissingPartIsTheOneEveryReadingAsksFor(): void
    {
        $scorers = array_map(
            static fn (float $inches): BuildScorer => self::scorer(Readings::of(LureKind::Jig, $inches, forage: Forage::Crawfish)),
            [7.0, 9.0, 11.0],
        );
        $bin = Inventory::of([Bins::head(), Bins::skirt(Colour::White), Bins::trailer(Colour::BrightBlue)]);
        $missing = (new MissingParts($bin, $scorers))->parts();
        self::assertStringStartsWith('generic black', $missing[0]['part']->id);
        self::assertSame(3, $missing[0]['readings']);
        $with = Inventory::of([Bins::head(), Bins::skirt(Colour::White), $missing[0]['part'], Bins::trailer(Colour::BrightBlue)]);
        $gained = 0;
        foreach ($scorers as $scorer) {
            $best = static fn (Inventory $inventory): int => (new BuildSearch($inventory, $scorer, 1))->best()[0]->scores->points;
            $gained += $best($with) - $best($bin);
        }
        self::assertSame($missing[0]['gain'], $gained);
    }

    public function testABinThatHasEverythingMissesNothing(): void
    {
        $reading = Readings::of(LureKind::Jig, 9, forage: Forage::Crawfish, bass: Bass::Largemouth);
        $scorers = [self::scorer($reading)];
        $bin = Inventory::of([]);
        for ($i = 0; $i < 6; ++$i) {
            $parts = array_column((new MissingParts($bin, $scorers))->parts(1), 'part');
            $bin = new Inventory(
                [...$bin->heads, ...Inventory::of($parts)->heads],
                [],
                [...$bin->skirts, ...Inventory::of($parts)->skirts],
                [...$bin->trailers, ...Inventory::of($parts)->trailers],
                [],
            );
            $bin = [] === $bin->heads ? Inventory::of([Bins::head(), Bins::skirt(Colour::White)]) : $bin;
        }
        self::assertSame([], (new MissingParts($bin, $scorers))->parts());
    }

    private static function scorer(Reading $reading): BuildScorer
    {
        return new BuildScorer($reading, Adviser::standard()->brief($reading), Fits::shared());
    }

    /** A1, H1, common practice, no source: a tandem needs a long arm, and a short one never has a trailer hook. */
    public function testAShortArmIsOfferedOnlyToABuildThatCanHaveOne(): void
    {
        $short = Bins::head(0.5, arm: Arm::Short, id: 'short');
        $bin = Inventory::of([$short]);
        $heads = static fn (LureKind $kind, Composition $build): array => array_values(array_map(
            static fn (Swap $swap): string => $swap->build->head->id,
            array_filter(
                (new Swaps($bin, self::scorer(Readings::of($kind, feet: 12))))->find($build, 50),
                static fn (Swap $swap): bool => 'head' === $swap->slot,
            ),
        ));
        $bare = new Composition(LureKind::Spinnerbait, Bins::head(0.125), null, Bins::blade(id: 'rear'), Bins::skirt(), null, null);
        self::assertSame(['short'], $heads(LureKind::Spinnerbait, $bare));
        self::assertSame([], $heads(LureKind::Spinnerbait, $bare->with(Bins::blade(size: 2, id: 'front'), true)));
        self::assertSame([], $heads(LureKind::Spinnerbait, $bare->with(new InventoryHook('hook', 'hook', HookSize::aught(1)))));
        $jig = new Composition(LureKind::Jig, Bins::head(0.125), null, null, Bins::skirt(), null, null);
        self::assertSame(['short'], $heads(LureKind::Jig, $jig));
    }
}
