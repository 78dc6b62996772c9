<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Pairing;
use Kontrast\Measure\Length;
use Kontrast\Measure\Temperature;
use Kontrast\Reading\Cover;
use Kontrast\Reading\ReadingBounds;
use Kontrast\Reading\Season;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use Kontrast\Reading\Wind;
use Kontrast\Rulebook\Condition;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Note;
use Kontrast\Rulebook\NoteHeading;
use Kontrast\Rulebook\Quantity;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\Situation;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

use function Kontrast\Rulebook\all;
use function Kontrast\Rulebook\any;
use function Kontrast\Rulebook\cold;
use function Kontrast\Rulebook\cover;
use function Kontrast\Rulebook\depth;
use function Kontrast\Rulebook\feet;
use function Kontrast\Rulebook\forageLength;
use function Kontrast\Rulebook\gloomy;
use function Kontrast\Rulebook\inches;
use function Kontrast\Rulebook\not;
use function Kontrast\Rulebook\rule;
use function Kontrast\Rulebook\seen;
use function Kontrast\Rulebook\settled;
use function Kontrast\Rulebook\sky;
use function Kontrast\Rulebook\stainedByAnything;
use function Kontrast\Rulebook\sunny;
use function Kontrast\Rulebook\surface;
use function Kontrast\Rulebook\tint;
use function Kontrast\Rulebook\trend;
use function Kontrast\Rulebook\visibility;
use function Kontrast\Rulebook\wind;

/** The words that rules are written in. */
final class ConditionTest extends TestCase
{
    #[DataProvider('visibilities')]
    public function testALengthHoldsFromEndToEndAndFadesOutsideOverAShareOfTheEdge(float $inches, float $strength): void
    {
        self::assertEqualsWithDelta($strength, visibility()->between(feet(1), feet(2))->strength(self::at(inches: $inches)), 1e-9);
    }

    /** @return iterable<string, array{float, float}> */
    public static function visibilities(): iterable
    {
        yield 'well below' => [8, 0.0];
        yield 'where the lower fade begins' => [11.04, 0.0];
        yield 'half way through the lower fade' => [11.52, 0.5];
        yield 'on the lower end' => [12, 1.0];
        yield 'well inside' => [18, 1.0];
        yield 'on the upper end' => [24, 1.0];
        yield 'half way through the upper fade' => [24.96, 0.5];
        yield 'where the upper fade ends' => [25.92, 0.0];
        yield 'well above' => [60, 0.0];
    }

    #[DataProvider('temperatures')]
    public function testATemperatureHoldsFromEndToEndAndFadesOutsideOverADegreeAndAHalf(float $fahrenheit, float $strength): void
    {
        self::assertEqualsWithDelta($strength, surface()->between(45, 55)->strength(self::at(surface: $fahrenheit)), 1e-9);
    }

    /** @return iterable<string, array{float, float}> */
    public static function temperatures(): iterable
    {
        yield 'too cold' => [43, 0.0];
        yield 'on the lower end' => [45, 1.0];
        yield 'on the upper end' => [55, 1.0];
        yield 'inside' => [50, 1.0];
        yield 'a degree past the upper end' => [56, 1 / 3];
        yield 'too warm' => [57, 0.0];
    }

    public function testTwoBandsThatMeetChangePlacesExactlyWhereTheyMeet(): void
    {
        foreach ([35.9, 36.1] as $inches) {
            $below = visibility()->under(feet(3))->strength(self::at(inches: $inches));
            $above = visibility()->over(feet(3))->strength(self::at(inches: $inches));
            self::assertSame($inches < 36, $below > $above);
        }
    }

    /** X11: "3 to 4 ft" names the number, "under 3 ft" does not. */
    public function testABandThatNamesItsEndOutvotesOneThatStopsShortOfIt(): void
    {
        $at = self::at(inches: 36);
        self::assertSame(1.0, visibility()->between(feet(3), feet(4))->strength($at));
        self::assertSame(1.0, visibility()->atLeast(feet(3))->strength($at));
        self::assertSame(1.0, visibility()->atMost(feet(3))->strength($at));
        self::assertSame(0.9, visibility()->under(feet(3))->strength($at));
        self::assertSame(0.9, visibility()->over(feet(3))->strength($at));
        self::assertSame(0.9, visibility()->inside(feet(2), feet(3))->strength($at));
    }

    public function testASharpBandDoesNotFade(): void
    {
        $above = visibility()->over(inches(6))->sharp();
        self::assertSame([0.0, 0.0, 1.0], array_map(
            static fn (float $inches): float => $above->strength(self::at(inches: $inches)),
            [5.99, 6.0, 6.01],
        ));
        self::assertSame(1.0, surface()->atLeast(50)->sharp()->strength(self::at(surface: 50)));
        self::assertSame(0.0, surface()->atLeast(50)->sharp()->strength(self::at(surface: 49.9)));
    }

    public function testWhatWasNotMeasuredIsNeverInRange(): void
    {
        self::assertSame(0.0, surface()->over(0)->strength(self::at(surface: null)));
        self::assertSame(0.0, forageLength()->under(inches(100))->strength(self::at(forageInches: null)));
    }

    public function testASteadyTemperatureHasATrendOfNought(): void
    {
        self::assertSame(0.0, trend()->over(4)->strength(self::at()));
        self::assertSame(1.0, trend()->under(4)->strength(self::at()));
    }

    public function testColdIsReadOffTheThermometerOrElseOffTheSeason(): void
    {
        self::assertSame(1.0, cold()->strength(self::at(surface: 45, season: Season::Summer)));
        self::assertSame(0.0, cold()->strength(self::at(surface: 70, season: Season::Winter)));
        self::assertSame(1.0, cold()->strength(self::at(surface: null, season: Season::Winter)));
        self::assertSame(0.0, cold()->strength(self::at(surface: null, season: Season::Summer)));
    }

    public function testOfSeveralTheWeakestCountsAndOfAnyTheStrongest(): void
    {
        $half = visibility()->atLeast(feet(2));
        $full = depth()->under(feet(10));
        $none = sky(Sky::Night);
        $situation = self::at(inches: 23.04);
        self::assertEqualsWithDelta(0.5, all($half, $full)->strength($situation), 1e-9);
        self::assertSame(0.0, all($half, $full, $none)->strength($situation));
        self::assertSame(1.0, any($half, $full, $none)->strength($situation));
        self::assertEqualsWithDelta(0.5, any($half, $none)->strength($situation), 1e-9);
        self::assertEqualsWithDelta(0.5, not($half)->strength($situation), 1e-9);
        self::assertSame(1.0, not($none)->strength($situation));
    }

    public function testEverySkyIsEitherSunnyOrGloomy(): void
    {
        foreach (Sky::cases() as $sky) {
            self::assertSame(1.0, sunny()->strength(self::at(sky: $sky)) + gloomy()->strength(self::at(sky: $sky)), $sky->value);
        }
    }

    public function testWordsOfTheReadingAreFound(): void
    {
        $situation = self::at(sky: Sky::Rain);
        self::assertSame(1.0, sky(Sky::Storm, Sky::Rain)->strength($situation));
        self::assertSame(1.0, tint(Tint::Green)->strength($situation));
        self::assertSame(1.0, stainedByAnything()->strength($situation));
        self::assertSame(0.0, wind(Wind::Chop)->strength($situation));
        self::assertSame(1.0, cover(Cover::Open, Cover::Rock)->strength($situation));
    }

    public function testAColourSeenIsFound(): void
    {
        $situation = new Situation(Readings::of(LureKind::Jig, seen: [Colour::Blue]));
        self::assertSame(1.0, seen(Colour::Blue)->strength($situation));
        self::assertSame(0.0, seen(Colour::Orange)->strength($situation));
    }

    public function testAnAnswerCountsOnceItIsSettled(): void
    {
        $situation = self::at();
        $condition = settled(Slot::Pairing, Pairing::Match, Pairing::Tonal);
        self::assertSame(0.0, $condition->strength($situation));
        $situation->settle(Slot::Pairing, [Value::of(Pairing::Tonal)]);
        self::assertSame(1.0, $condition->strength($situation));
        self::assertSame([Slot::Pairing], $condition->slotsUsed());
    }

    /** @param array<string, mixed> $described */
    #[DataProvider('descriptions')]
    public function testAConditionCanBeShownAsData(Condition $condition, array $described): void
    {
        self::assertSame($described, $condition->describe());
    }

    /** @return iterable<string, array{Condition, array<string, mixed>}> */
    public static function descriptions(): iterable
    {
        yield 'a range of lengths, in inches' => [
            visibility()->between(feet(1), feet(2)),
            ['kind' => 'range', 'field' => 'visibility_in', 'least' => 12.0, 'most' => 24.0, 'open' => false],
        ];
        yield 'an open range of temperatures' => [
            surface()->under(50),
            ['kind' => 'range', 'field' => 'surface_f', 'least' => null, 'most' => 50.0, 'open' => true],
        ];
        yield 'words' => [sky(Sky::Sun, Sky::Broken), ['kind' => 'among', 'field' => 'sky', 'words' => ['sun', 'broken']]];
        yield 'the opposite' => [
            not(tint(Tint::Clay)),
            ['kind' => 'not', 'of' => [['kind' => 'among', 'field' => 'tint', 'words' => ['clay']]]],
        ];
        yield 'an earlier answer' => [
            settled(Slot::Pairing, Pairing::Match),
            ['kind' => 'settled', 'field' => 'pairing', 'words' => ['match']],
        ];
    }

    public function testAReadingCanBeChangedInOneThing(): void
    {
        $reading = Readings::of(LureKind::Jig);
        self::assertSame(7.0, $reading->with(visibility: Length::inches(7))->visibility->inInches());
        self::assertSame(41.0, $reading->with(surface: Temperature::fahrenheit(41))->surface?->inFahrenheit());
        self::assertSame($reading->tint, $reading->with(sky: Sky::Night)->tint);
        self::assertSame(LureKind::Spinnerbait, $reading->with(lure: LureKind::Spinnerbait)->lure);
    }

    private static function at(
        float $inches = 30,
        ?float $surface = 72,
        Sky $sky = Sky::Broken,
        Season $season = Season::Summer,
        ?float $forageInches = 3,
    ): Situation {
        return new Situation(
            Readings::of(LureKind::Jig, inches: $inches, sky: $sky, season: $season, surface: $surface, forageInches: $forageInches),
        );
    }

    /** A reading of 50 ft of visibility is the most that is taken; the others end where the bounds of a reading do. */
    #[TestWith([Quantity::Visibility, 0.0, false])]
    #[TestWith([Quantity::Visibility, 0.1, true])]
    #[TestWith([Quantity::Visibility, 599.0, true])]
    #[TestWith([Quantity::Visibility, 601.0, false])]
    #[TestWith([Quantity::Depth, 0.0, false])]
    #[TestWith([Quantity::Depth, ReadingBounds::MOST_DEPTH_FT, true])]
    #[TestWith([Quantity::Depth, ReadingBounds::MOST_DEPTH_FT + 0.1, false])]
    #[TestWith([Quantity::ForageLength, 0.0, false])]
    #[TestWith([Quantity::ForageLength, ReadingBounds::MOST_FORAGE_IN, true])]
    #[TestWith([Quantity::ForageLength, ReadingBounds::MOST_FORAGE_IN + 0.1, false])]
    #[TestWith([Quantity::Surface, ReadingBounds::LEAST_SURFACE_F - 0.1, false])]
    #[TestWith([Quantity::Surface, ReadingBounds::LEAST_SURFACE_F, true])]
    #[TestWith([Quantity::Surface, ReadingBounds::MOST_SURFACE_F, true])]
    #[TestWith([Quantity::Surface, ReadingBounds::MOST_SURFACE_F + 0.1, false])]
    #[TestWith([Quantity::Trend, -ReadingBounds::MOST_TREND_F, true])]
    #[TestWith([Quantity::Trend, ReadingBounds::MOST_TREND_F + 0.1, false])]
    public function testOnlyNumbersThatAReadingCanHaveAreTried(Quantity $quantity, float $number, bool $isSensible): void
    {
        self::assertSame($isSensible, $quantity->isSensible($number));
    }

    /** A note is told from the stated number on, where its rule is half sure. */
    public function testANoteIsToldUpToItsNumber(): void
    {
        $book = Rulebook::of([rule('B3')->when(visibility()->atMost(feet(3)))->note(NoteHeading::cases()[0])->because('x')]);
        $notes = static fn (float $inches): int => \count(
            Note::collect($book, (new Engine($book))->decide(Readings::of(LureKind::Jig, inches: $inches))),
        );
        self::assertSame([1, 1, 0], [$notes(20), $notes(36), $notes(48)]);
    }
}
