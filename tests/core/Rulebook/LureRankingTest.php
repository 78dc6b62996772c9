<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Reading;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\LureRanking;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** Which kinds of lure suit a water (Y1 to Y4), on the scale of Y5. Common practice, no source; the scale is this program's. */
final class LureRankingTest extends TestCase
{
    private const SUITS = 60.0;
    private const SPOKEN_AGAINST = 30.0;

    /**
     * @param list<LureKind> $suit  every one of these suits it
     * @param list<LureKind> $least none of these suits it
     */
    #[DataProvider('waters')]
    public function testAWaterHasItsKinds(Reading $water, array $suit, ?LureKind $first = null, array $least = []): void
    {
        $worth = self::worth($water);
        foreach ($suit as $kind) {
            self::assertGreaterThanOrEqual(self::SUITS, $worth[$kind->value], $kind->value);
        }
        if (null !== $first) {
            self::assertSame($first->value, array_key_first($worth));
        }
        foreach ($least as $kind) {
            self::assertLessThan(self::SUITS, $worth[$kind->value], $kind->value);
        }
    }

    /** @return iterable<string, array{0: Reading, 1: list<LureKind>, 2?: LureKind|null, 3?: list<LureKind>}> */
    public static function waters(): iterable
    {
        [$jig, $swim, $spinner, $bladed] = LureKind::cases();
        $of = Readings::of(...);
        yield 'a dock in stained water' => [$of($jig, 24, Tint::Green, Sky::Sun, cover: Cover::Dock, feet: 5, surface: 75), [$jig, $swim]];
        yield 'a dock in clear water' => [$of($jig, 50, Tint::None, Sky::Sun, cover: Cover::Dock, feet: 5, surface: 75), [$jig, $swim]];
        yield 'dirty flooded brush' => [
            $of($jig, 14, Tint::Clay, Sky::Overcast, cover: Cover::FloodedBrush, feet: 4, surface: 62), [$jig, $spinner],
        ];
        yield 'clear rock, calm and bright' => [
            $of($jig, 72, Tint::None, Sky::Sun, cover: Cover::Rock, feet: 6, surface: 65, wind: Wind::Calm), [$jig], $jig, [$spinner],
        ];
        yield 'mud and wind' => [
            $of($jig, 5, Tint::Clay, Sky::Overcast, cover: Cover::Open, feet: 4, surface: 60, wind: Wind::Chop, forage: Forage::Shad),
            [$spinner], $spinner, [$jig],
        ];
        yield 'night' => [$of($jig, 40, Tint::None, Sky::Night, cover: Cover::Open, feet: 6, surface: 75), [$spinner], $spinner, [$jig]];
        yield 'grass in tea' => [
            $of($jig, 24, Tint::Tannic, Sky::Broken, cover: Cover::Grass, feet: 5, surface: 65), [$bladed, $swim], $bladed, [$jig],
        ];
        yield 'grass in clear water' => [$of($jig, 60, Tint::None, Sky::Sun, cover: Cover::Grass, feet: 6, surface: 70), [$bladed, $swim]];
        yield 'cold rock' => [
            $of($jig, 30, Tint::None, Sky::Overcast, cover: Cover::Rock, feet: 6, surface: 48, season: Season::LateWinter),
            [$jig, $bladed], $jig, [$swim],
        ];
        yield 'stained wood' => [
            $of($jig, 20, Tint::Tannic, Sky::Overcast, cover: Cover::Wood, feet: 4, surface: 60), [$jig, $bladed, $spinner],
        ];
        yield 'deep rock' => [$of($jig, 60, Tint::None, Sky::Sun, cover: Cover::Rock, feet: 25, surface: 78), [$jig], $jig];
        yield 'pads' => [$of($jig, 30, Tint::Green, Sky::Sun, cover: Cover::Pads, feet: 3, surface: 80), [$swim], $swim, [$jig]];
        yield 'fall shallows' => [
            $of($jig, 30, Tint::Green, Sky::Broken, cover: Cover::Open, feet: 3, surface: 62, season: Season::Fall, forage: Forage::Shad),
            [$bladed, $spinner], $bladed,
        ];
        yield 'late winter warming' => [
            $of($jig, 24, Tint::None, Sky::Sun, cover: Cover::Grass, feet: 4, surface: 44, season: Season::LateWinter, trend: 5),
            [$bladed], $bladed,
        ];
    }

    /** Y5: nothing speaks for it, 35 to 55; something does, 60 and more; only what is spoken against falls below 30. */
    public function testTheKindsAreNearToEachOther(): void
    {
        $spokenAgainst = $all = 0;
        foreach (Readings::random(400, 20261130) as $reading) {
            foreach (LureRanking::standard()->rank($reading) as $ranked) {
                ++$all;
                self::assertGreaterThanOrEqual(0.0, $ranked->worth);
                self::assertLessThanOrEqual(100.0, $ranked->worth);
                if ($ranked->worth < self::SPOKEN_AGAINST) {
                    ++$spokenAgainst;
                    self::assertNotSame([], array_intersect($ranked->facts, ['Y2', 'Z2']), $ranked->because);
                }
            }
        }
        self::assertLessThan(0.1 * $all, $spokenAgainst);
    }

    public function testWhatIsWorthMoreStandsBefore(): void
    {
        foreach (Readings::random(60, 5) as $reading) {
            $worth = self::worth($reading);
            $sorted = $worth;
            arsort($sorted);
            self::assertSame(array_values($sorted), array_values($worth));
        }
    }

    /** @return array<string, float> by kind, best first */
    private static function worth(Reading $water): array
    {
        $worth = [];
        foreach (LureRanking::standard()->rank($water) as $ranked) {
            $worth[$ranked->kind->value] = $ranked->worth;
        }

        return $worth;
    }
}
