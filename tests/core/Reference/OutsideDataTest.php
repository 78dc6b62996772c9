<?php

declare(strict_types=1);

namespace Tests\core\Reference;

use Kontrast\Material\DisplayP3;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Kontrast\Vision\Adaptation;
use Kontrast\Vision\Ciede2000;
use Kontrast\Water\ColourMatching;
use Kontrast\Water\Daylight;
use Kontrast\Water\Grid;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The tables and formulas of color and light against data that others publish. No Debian or npm package was found that carries the
 * absorption of seawater or of visual pigments; those stay from memory, and their tests name the paper and page to look them up on.
 */
final class OutsideDataTest extends TestCase
{
    /**
     * CIE 1931 2° observer, from Debian's python3-colormath 3.0.0-4 (CIE 15).
     *
     * @param list<float> $ours
     */
    #[DataProvider('observer')]
    public function testTheColorMatchingFunctionsAreThoseOfTheCie(string $name, array $ours): void
    {
        foreach (self::onGrid($name) as $i => $published) {
            self::assertEqualsWithDelta($published, $ours[$i], 6e-6, "$name at ".Grid::wavelengths()[$i].' nm');
        }
    }

    /** @return iterable<string, array{string, list<float>}> */
    public static function observer(): iterable
    {
        yield 'x' => ['x', ColourMatching::X];
        yield 'y' => ['y', ColourMatching::Y];
        yield 'z' => ['z', ColourMatching::Z];
    }

    /** Daylight at 6504 K against the table of D65 that python3-colormath carries, which is rounded more coarsely than the CIE's own. */
    public function testDaylightGivesD65(): void
    {
        foreach (self::onGrid('d65') as $i => $published) {
            self::assertEqualsWithDelta($published, Daylight::d65()->samples[$i], 0.15, (string) Grid::wavelengths()[$i]);
        }
    }

    /** Daylight at 5003 K (CIE 15: the nominal 5000 K of D50 by the present radiation constant) against the table of D50. */
    public function testDaylightGivesD50(): void
    {
        $ours = Daylight::relative(5002.8)->samples;
        foreach (self::onGrid('d50') as $i => $published) {
            self::assertEqualsWithDelta($published, $ours[$i], 0.15, (string) Grid::wavelengths()[$i]);
        }
    }

    /** A second witness: the D50 of Debian's argyll-ref 2.3.1, normalized at 560 nm as the CIE does; it is rounded otherwise. */
    public function testDaylightGivesTheD50OfAnotherPackage(): void
    {
        $argyll = Frozen::data('argyll')['d50'];
        \assert(\is_array($argyll));
        $values = Frozen::numbers($argyll['values']);
        $at = static fn (float $nm): float => $values[(int) round(($nm - 300) / 5)];
        $ours = Daylight::relative(5002.8)->samples;
        foreach (Grid::wavelengths() as $i => $nm) {
            self::assertEqualsWithDelta(100 * $at($nm) / $at(560), $ours[$i], 1.0, "$nm nm");
        }
    }

    /** Illuminant A has the chromaticity (0.44757, 0.40745) by CIE 15, table T.3: the sums over our grid have to come near it. */
    public function testIlluminantAHasItsChromaticity(): void
    {
        $a = self::onGrid('a');
        $sum = static function (array $curve) use ($a): float {
            /** @var list<float> $curve */
            return array_sum(array_map(static fn (float $s, float $c): float => $s * $c, $a, $curve));
        };
        [$x, $y, $z] = [$sum(ColourMatching::X), $sum(ColourMatching::Y), $sum(ColourMatching::Z)];
        self::assertEqualsWithDelta(0.44757, $x / ($x + $y + $z), 5e-4);
        self::assertEqualsWithDelta(0.40745, $y / ($x + $y + $z), 5e-4);
    }

    /** 1,000 random pairs against culori and colorjs.io; the versions stand in the frozen file. */
    public function testColorConversionsAndCiede2000AreThoseOfTwoLibraries(): void
    {
        $pairs = self::pairs();
        self::assertCount(1000, $pairs);
        foreach ($pairs as ['a' => $a, 'b' => $b, 'culori' => $culori, 'colorjs' => $colorjs]) {
            \assert(\is_string($a) && \is_string($b));
            $lab = Srgb::hex($a)->toLab();
            $xyz = Srgb::hex($a)->toXyz();
            $difference = Ciede2000::between($lab, Srgb::hex($b)->toLab());
            foreach ([$culori, $colorjs] as $library) {
                \assert(\is_array($library));
                self::assertNear(Frozen::numbers($library['lab']), [$lab->l, $lab->a, $lab->b], 0.02, $a);
                self::assertNear(Frozen::numbers($library['xyz']), [$xyz->x, $xyz->y, $xyz->z], 4e-4, $a);
                self::assertNear(Frozen::numbers([$library['de00']]), [$difference], 0.02, "$a and $b");
            }
        }
    }

    /**
     * Half adaptation is half way between none and colorjs.io's full CAT16 adaptation, since both are linear; where no cone is turned up
     * beyond the limit that Adaptation sets.
     */
    public function testHalfAdaptationIsHalfOfCat16(): void
    {
        $checked = 0;
        foreach (self::pairs() as ['cat16' => $cat16]) {
            \assert(\is_array($cat16));
            [$white, $colour, $adapted] = array_map(Frozen::numbers(...), [$cat16['white'], $cat16['colour'], $cat16['adapted']]);
            $ours = Adaptation::to(new Xyz($white[0], $white[1], $white[2]), 0.5)->adapt(new Xyz($colour[0], $colour[1], $colour[2]));
            $half = array_map(static fn (float $full, float $none): float => ($full + $none) / 2, $adapted, $colour);
            ++$checked;
            self::assertNear($half, [$ours->x, $ours->y, $ours->z], 2e-3, '');
        }
        self::assertSame(1000, $checked);
    }

    /** Display P3 from sRGB, both as amounts of light: colorjs.io. */
    public function testAWideScreenHasTheColorsThatColorjsSays(): void
    {
        $wide = Frozen::data('colours')['wide'];
        \assert(\is_array($wide));
        self::assertCount(200, $wide);
        foreach ($wide as $pair) {
            \assert(\is_array($pair));
            [$from, $to] = array_map(Frozen::numbers(...), $pair);
            self::assertNear($to, DisplayP3::lights([$from[0], $from[1], $from[2]]), 1e-6, '');
        }
    }

    /** D in a dim surround, from starlight to full daylight, cd/m²: colorjs.io's cam16. */
    public function testTheDegreeOfAdaptationIsCiecam16s(): void
    {
        $degrees = Frozen::data('colours')['degrees'];
        \assert(\is_array($degrees));
        self::assertCount(1000, $degrees);
        foreach (array_map(Frozen::numbers(...), $degrees) as [$luminance, $degree]) {
            self::assertEqualsWithDelta($degree, Adaptation::degree($luminance), 1e-9);
        }
    }

    /**
     * @param list<float> $expected
     * @param list<float> $actual
     */
    private static function assertNear(array $expected, array $actual, float $delta, string $what): void
    {
        foreach ($expected as $i => $value) {
            self::assertEqualsWithDelta($value, $actual[$i], $delta, $what);
        }
    }

    /** @return list<array<string, mixed>> */
    private static function pairs(): array
    {
        $pairs = Frozen::data('colours')['pairs'];
        \assert(\is_array($pairs));

        /** @var list<array<string, mixed>> $pairs */
        return $pairs;
    }

    /** @return list<float> a frozen curve at the wavelengths of the grid */
    private static function onGrid(string $name): array
    {
        $data = Frozen::data('colormath');
        $curve = Frozen::numbers($data[$name]);

        return array_map(static fn (float $nm): float => $curve[(int) round(($nm - 340) / 10)], Grid::wavelengths());
    }
}
