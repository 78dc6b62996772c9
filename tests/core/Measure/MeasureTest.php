<?php

declare(strict_types=1);

namespace Tests\core\Measure;

use Kontrast\Measure\Length;
use Kontrast\Measure\NotAMeasure;
use Kontrast\Measure\Temperature;
use Kontrast\Measure\TemperatureChange;
use Kontrast\Measure\Weight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Against published definitions: the international yard and pound agreement of 1959 (1 in = 25.4 mm, 1 lb = 0.45359237 kg, both
 * exact; NIST Special Publication 811, appendix B) and the definition of the Fahrenheit scale (ice point 32 °F, steam point 212 °F).
 */
final class MeasureTest extends TestCase
{
    public function testAnInchIs25Point4Millimetres(): void
    {
        self::assertEqualsWithDelta(25.4, Length::inches(1)->inMillimetres(), 1e-12);
    }

    public function testAFootIsTwelveInches(): void
    {
        self::assertEqualsWithDelta(0.3048, Length::feet(1)->inMetres(), 1e-12);
        self::assertEqualsWithDelta(18.0, Length::feet(1.5)->inInches(), 1e-12);
    }

    public function testSixteenOuncesAreAPound(): void
    {
        self::assertEqualsWithDelta(453.59237, Weight::ounces(16)->inGrams(), 1e-9);
    }

    public function testIceAndSteamStandWhereTheScaleWasFixed(): void
    {
        self::assertEqualsWithDelta(0.0, Temperature::fahrenheit(32)->inCelsius(), 1e-12);
        self::assertEqualsWithDelta(100.0, Temperature::fahrenheit(212)->inCelsius(), 1e-12);
        self::assertEqualsWithDelta(212.0, Temperature::celsius(100)->inFahrenheit(), 1e-12);
    }

    public function testAChangeOfTemperatureHasNoOffset(): void
    {
        self::assertEqualsWithDelta(5.0, TemperatureChange::fahrenheit(9)->inCelsius(), 1e-12);
    }

    public function testInfinityIsNoLength(): void
    {
        $this->expectException(NotAMeasure::class);
        $this->expectExceptionMessage('A length has to be a finite number.');
        Length::inches(\INF);
    }

    #[DataProvider('weightsInWords')]
    public function testAWeightReadsAsATackleMakerWritesIt(float $ounces, string $words): void
    {
        self::assertSame($words, Weight::ounces($ounces)->label());
    }

    /** @return iterable<string, array{float, string}> */
    public static function weightsInWords(): iterable
    {
        yield 'three eighths' => [0.375, '3/8 oz'];
        yield 'five sixteenths' => [0.3125, '5/16 oz'];
        yield 'an ounce' => [1.0, '1 oz'];
        yield 'an ounce and a quarter' => [1.25, '1-1/4 oz'];
    }
}
