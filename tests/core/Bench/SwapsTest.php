<?php

declare(strict_types=1);

namespace Tests\core\Bench;

use Kontrast\Bench\Missing;
use Kontrast\Bench\Search;
use Kontrast\Bench\Swap;
use Kontrast\Bench\SwapKind;
use Kontrast\Bench\Swaps;
use Kontrast\Bench\Yardstick;
use Kontrast\Bin\Bin;
use Kontrast\Bin\Composition;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Trim;
use Kontrast\Reading\Bass;
use Kontrast\Reading\Colour;
use Kontrast\Reading\Forage;
use Kontrast\Reading\LureKind;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Rulebook\Adviser;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Readings;

/** What one change gains, and what one part not owned would. */
final class SwapsTest extends TestCase
{
    public function testEverySwapGainsWhatItSays(): void
    {
        $bin = Bins::random(21, 5, 8, 6, 6, 5);
        foreach (LureKind::cases() as $kind) {
            $yardstick = self::yardstick(Readings::of($kind));
            $build = (new Search($bin, $yardstick, 40))->best()[30]->build ?? self::fail('So many builds there are.');
            $now = $yardstick->measure($build)->points;
            foreach ((new Swaps($bin, $yardstick))->that($build) as $swap) {
                self::assertGreaterThan(0, $swap->gain);
                self::assertSame($now + $swap->gain, $yardstick->measure($swap->build)->points);
            }
        }
    }

    public function testNothingInTheBinBettersTheBestByOneChange(): void
    {
        $bin = Bins::random(22, 5, 8, 6, 6, 5);
        $yardstick = self::yardstick(Readings::of(LureKind::Spinnerbait, 40));
        $best = (new Search($bin, $yardstick))->best()[0];
        $another = array_filter((new Swaps($bin, $yardstick))->that($best->build), static fn (Swap $swap): bool => SwapKind::Another === $swap->kind || SwapKind::Off === $swap->kind);
        self::assertSame([], $another);
    }

    /** Common practice, no source (B8): in super clear water a gold blade is darkened with a marker. */
    public function testAMarkerOnTheBladeIsASwap(): void
    {
        $reading = Readings::of(LureKind::BladedJig, 130, tint: Tint::None, sky: Sky::Sun, forage: Forage::Perch);
        $yardstick = self::yardstick($reading);
        self::assertTrue($yardstick->brief->build->blades[0]->darkened);
        $build = new Composition(LureKind::BladedJig, Bins::head(), null, Bins::blade(BladeShape::BladedJig, 3), Bins::skirt(Colour::GreenPumpkin), Bins::trailer(Colour::GreenPumpkin), null);
        $kinds = array_map(static fn (Swap $swap): SwapKind => $swap->kind, (new Swaps(Bin::of([]), $yardstick))->that($build));
        self::assertContains(SwapKind::Marker, $kinds);
    }

    public function testALongTailIsCutBackWhereATrailerSwims(): void
    {
        $build = new Composition(LureKind::Jig, Bins::head(), null, null, Bins::skirt(trim: Trim::LongTail), Bins::trailer(), null);
        $kinds = array_map(static fn (Swap $swap): SwapKind => $swap->kind, (new Swaps(Bin::of([]), self::yardstick(Readings::of(LureKind::Jig, 10))))->that($build));
        self::assertContains(SwapKind::Trim, $kinds);
    }

    public function testTheMissingPartIsTheOneEveryReadingAsksFor(): void
    {
        $yardsticks = array_map(static fn (float $inches): Yardstick => self::yardstick(Readings::of(LureKind::Jig, $inches, forage: Forage::Crawfish)), [7.0, 9.0, 11.0]);
        $bin = Bin::of([Bins::head(), Bins::skirt(Colour::White), Bins::trailer(Colour::BrightBlue)]);
        $missing = (new Missing($bin, $yardsticks))->parts();
        self::assertStringStartsWith('skirt black', $missing[0]['part']->id);
        self::assertSame(3, $missing[0]['readings']);
        $with = Bin::of([Bins::head(), Bins::skirt(Colour::White), $missing[0]['part'], Bins::trailer(Colour::BrightBlue)]);
        $gained = 0;
        foreach ($yardsticks as $yardstick) {
            $gained += (new Search($with, $yardstick, 1))->best()[0]->marks->points - (new Search($bin, $yardstick, 1))->best()[0]->marks->points;
        }
        self::assertSame($missing[0]['gain'], $gained);
    }

    public function testABinThatHasEverythingMissesNothing(): void
    {
        $reading = Readings::of(LureKind::Jig, 9, forage: Forage::Crawfish, bass: Bass::Largemouth);
        $yardsticks = [self::yardstick($reading)];
        $bin = Bin::of([]);
        for ($i = 0; $i < 6; ++$i) {
            $parts = array_column((new Missing($bin, $yardsticks))->parts(1), 'part');
            $bin = new Bin([...$bin->heads, ...Bin::of($parts)->heads], [], [...$bin->skirts, ...Bin::of($parts)->skirts], [...$bin->trailers, ...Bin::of($parts)->trailers], []);
            $bin = [] === $bin->heads ? Bin::of([Bins::head(), Bins::skirt(Colour::White)]) : $bin;
        }
        self::assertSame([], (new Missing($bin, $yardsticks))->parts());
    }

    private static function yardstick(Reading $reading): Yardstick
    {
        return new Yardstick($reading, Adviser::standard()->brief($reading));
    }
}
