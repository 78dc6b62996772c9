<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\CloseCall;
use Kontrast\Rulebook\CloseCalls;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Quantity;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;
use Tests\core\Simulation;

/** Closeness, not cliffs: near an edge the advice says what lies beyond it. */
final class EdgesTest extends TestCase
{
    public function testEitherSideOfEighteenInchesKnowsOfTheOther(): void
    {
        $jig = static fn (float $inches): Reading => Readings::of(
            LureKind::Jig,
            $inches,
            sky: \Kontrast\Reading\Sky::Sun,
            forage: Forage::Crawfish,
            surface: 75,
        );
        [$below, $above] = [self::near($jig(17))[0], self::near($jig(19))[0]];
        self::assertSame(Quantity::Visibility, $below->quantity);
        self::assertTrue($below->isAbove());
        self::assertFalse($above->isAbove());
        self::assertEqualsWithDelta($below->at, $above->at, 0.4);
        self::assertContains('skirt.base: black to green_pumpkin', self::told($below->changes));
        self::assertContains('skirt.base: green_pumpkin to black', self::told($above->changes));
    }

    public function testFarFromAnyEdgeThereIsNothingToSay(): void
    {
        self::assertSame(
            [],
            self::near(
                Readings::of(
                    LureKind::SwimJig,
                    12,
                    forage: Forage::Crawfish,
                    feet: 4,
                    surface: 75,
                    forageInches: 3.5,
                    sky: \Kontrast\Reading\Sky::Sun,
                ),
            ),
        );
    }

    public function testTheNearestEdgeComesFirst(): void
    {
        foreach (self::random() as [, $near]) {
            $shares = array_map(static fn (CloseCall $edge): float => $edge->share, $near);
            $sorted = $shares;
            sort($sorted);
            self::assertSame($sorted, $shares);
        }
    }

    /** What is said to lie beyond an edge is what one gets there. */
    public function testBeyondTheEdgeThePicksAreAsTold(): void
    {
        $engine = Engine::standard();
        foreach (self::random() as [$here, $near]) {
            foreach ($near as $edge) {
                $there = new Assembly($engine->decide($edge->quantity->set($here->decision->reading, $edge->at)));
                self::assertSame(self::told($edge->changes), self::told(Change::between($here, $there)));
            }
        }
    }

    public function testEveryChangeBeyondAnEdgeHasItsReason(): void
    {
        foreach (self::random() as [, $near]) {
            foreach ($near as $edge) {
                foreach ($edge->changes as $change) {
                    self::assertTrue([] === $change->after || null !== $change->rule, $change->slot->value);
                }
            }
        }
    }

    /**
     * Each number is moved in small steps across its whole span; within what counts as near no pick goes and comes back. A colour
     * that is named beside another (a trailer beside its skirt, accents beside their base) has come back only where that one has too.
     *
     * @param list<float> $numbers
     */
    #[DataProvider('walks')]
    #[Group(Simulation::GROUP)]
    public function testNoPickFlipsBackAndForth(Quantity $quantity, array $numbers): void
    {
        $engine = Engine::standard();
        $flips = [];
        foreach (LureKind::cases() as $lure) {
            foreach (Forage::cases() as $forage) {
                foreach (\array_slice([Season::LateWinter, Season::Fall], 0, Simulation::size(2, 1)) as $season) {
                    $reading = Readings::of($lure, 25, season: $season, forage: $forage, surface: 46);
                    $last = [];
                    $before = $engine->decide($reading);
                    foreach ($numbers as $number) {
                        $picks = new Assembly($engine->reconsider($before, $quantity->set($reading, $number), $quantity->value));
                        foreach ($picks->slotsInUse() as $slot) {
                            $now = self::beside($slot, $picks).implode('+', $picks->keys($slot));
                            [$pick, $gone] = $last[$slot->value] ?? [$now, []];
                            if ($now !== $pick) {
                                $left = $gone[$now] ?? null;
                                if (null !== $left && abs($number - $left) <= $quantity->nearness($number) / 2) {
                                    $flips[] = "{$slot->value} of a {$lure->value} among {$forage->value} in {$season->value} is $now "
                                        ."again at $number";
                                }
                                $gone[$pick] = $number;
                            }
                            $last[$slot->value] = [$now, $gone];
                        }
                    }
                }
            }
        }
        self::assertSame([], $flips);
    }

    /** @return iterable<string, array{Quantity, list<float>}> */
    public static function walks(): iterable
    {
        yield 'visibility, by four in a hundred' => [
            Quantity::Visibility,
            array_map(static fn (int $i): float => 2 * 1.04 ** $i, range(0, 107)),
        ];
        yield 'depth' => [Quantity::Depth, array_map(static fn (int $i): float => 1.04 ** $i, range(0, 110))];
        yield 'surface' => [Quantity::Surface, array_map(static fn (int $i): float => 33 + $i / 2, range(0, 110))];
        yield 'trend' => [Quantity::Trend, array_map(static fn (int $i): float => -8 + $i / 4, range(0, 64))];
        yield 'length of the food' => [Quantity::ForageLength, array_map(static fn (int $i): float => 1 + $i / 20, range(0, 140))];
    }

    private static function beside(Slot $slot, Assembly $picks): string
    {
        $named = Slot::TrailerBase === $slot ? Slot::SkirtBase : $slot->base();

        return null === $named ? '' : self::beside($named, $picks).implode('+', $picks->keys($named)).', ';
    }

    /**
     * Decided once for all that looks at them.
     *
     * @return list<array{Assembly, list<CloseCall>}>
     */
    private static function random(): array
    {
        /** @var list<array{Assembly, list<CloseCall>}>|null $random */
        static $random = null;
        if (null === $random) {
            $random = [];
            $engine = Engine::standard();
            foreach (Readings::random(150, 42) as $reading) {
                $here = new Assembly($engine->decide($reading));
                $random[] = [$here, (new CloseCalls($engine))->near($here)];
            }
        }

        return $random;
    }

    /** @return list<CloseCall> */
    private static function near(Reading $reading): array
    {
        return (new CloseCalls(Engine::standard()))->near(new Assembly(Engine::standard()->decide($reading)));
    }

    /**
     * @param list<Change> $changes
     *
     * @return list<string>
     */
    private static function told(array $changes): array
    {
        $keys = static fn (Value ...$values): string => implode('+', array_map(static fn (Value $value): string => $value->key, $values));

        return array_map(
            static fn (Change $change): string => "{$change->slot->value}: {$keys(...$change->before)} to {$keys(...$change->after)}",
            $changes,
        );
    }
}
