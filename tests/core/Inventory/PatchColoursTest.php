<?php

declare(strict_types=1);

namespace Tests\core\Inventory;

use Kontrast\Inventory\NearestColour;
use Kontrast\Inventory\PatchColour;
use Kontrast\Inventory\PatchColours;
use Kontrast\Inventory\PhotoColour;
use Kontrast\Inventory\PhotoSample;
use Kontrast\Inventory\PhotoWarning;
use Kontrast\Lure\Colour;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The colors of a patch of a photo, such as a skirt with its accents. The photos are made up: strands in light and shade, with noise. */
final class PatchColoursTest extends TestCase
{
    private const PIXELS = 900;
    /** A lamp, yellowish: amounts of light by channel. */
    private const LAMP = [0.95, 0.75, 0.45];

    /** @param non-empty-array<string, float> $skirt shares by color word */
    #[DataProvider('skirts')]
    public function testASkirtIsToldByItsColorsAndTheirShares(array $skirt): void
    {
        $found = PatchColours::find(self::patch($skirt));
        $shares = [];
        foreach ($found as $one) {
            $shares[NearestColour::nearest($one->colour)->value] = $one->share;
        }
        arsort($skirt);
        self::assertSame(array_keys($skirt), array_keys($shares), 'The largest first, and no color that is not there.');
        foreach ($skirt as $word => $share) {
            self::assertEqualsWithDelta($share, $shares[$word], 0.05, $word);
        }
        self::assertEqualsWithDelta(1.0, array_sum($shares), 1e-9);
    }

    /** @return iterable<string, array{non-empty-array<string, float>}> */
    public static function skirts(): iterable
    {
        yield 'one color' => [['green_pumpkin' => 1.0]];
        yield 'black' => [['black' => 1.0]];
        yield 'a few strands' => [['green_pumpkin' => 0.85, 'orange' => 0.15]];
        yield 'black with blue' => [['black' => 0.7, 'bright_blue' => 0.3]];
        yield 'half and half' => [['white' => 0.52, 'chartreuse' => 0.48]];
        yield 'three' => [['brown' => 0.6, 'orange' => 0.25, 'purple' => 0.15]];
        yield 'four' => [['green_pumpkin' => 0.4, 'chartreuse' => 0.25, 'orange' => 0.2, 'black' => 0.15]];
    }

    public function testAGlintAndAnEdgeAreNoColors(): void
    {
        $patch = self::patch(['green_pumpkin' => 0.96, 'white' => 0.04]);
        self::assertSame([Colour::GreenPumpkin], self::words(PatchColours::find($patch)));
    }

    public function testOfMoreThanFourTheLargestFourAreTold(): void
    {
        $patch = self::patch(['white' => 0.3, 'black' => 0.25, 'orange' => 0.2, 'bright_blue' => 0.15, 'chartreuse' => 0.1]);
        self::assertSame([Colour::White, Colour::Black, Colour::Orange, Colour::BrightBlue], self::words(PatchColours::find($patch)));
    }

    public function testOnePixelIsAPatchToo(): void
    {
        $found = PatchColours::find([Srgb::hex('#e8641c')]);
        self::assertSame([1.0], array_column($found, 'share'));
        self::assertSame([Colour::Orange], self::words($found));
    }

    /** Where there is no white card, a part of a known color tells the light as well: von Kries 1902, channel by channel. */
    #[TestWith([null])]
    #[TestWith(['#e4e1d6'])]
    #[TestWith(['#a9c4d8'])]
    public function testTheLightIsTakenOutByACardOrByAKnownPart(?string $known): void
    {
        $under = static function (Srgb $own): Srgb {
            [$r, $g, $b] = $own->toLinear();

            return Srgb::linear(self::LAMP[0] * $r, self::LAMP[1] * $g, self::LAMP[2] * $b);
        };
        $reference = null === $known ? null : Srgb::hex($known);
        $card = [new PhotoSample($under($reference ?? Srgb::linear(0.9, 0.9, 0.9)), 0.0)];
        self::assertSame([], PhotoColour::doubts($card, $reference));
        $seen = array_map($under, self::patch(['green_pumpkin' => 0.7, 'bright_blue' => 0.3]));
        $words = self::words(PatchColours::find(PhotoColour::balanced($card, $seen, $reference)));
        self::assertSame([Colour::GreenPumpkin, Colour::BrightBlue], $words);
        self::assertNotSame($words, self::words(PatchColours::find($seen)), 'Under the lamp they were others.');
    }

    public function testAKnownColorThatTellsNothingOfTheLightIsToldSo(): void
    {
        $tap = new PhotoSample(Srgb::linear(0.3, 0.3, 0.3), 0.0);
        self::assertSame([PhotoWarning::KnownDark], PhotoColour::doubts([$tap], Srgb::hex('#141414')));
        self::assertSame([PhotoWarning::KnownDark], PhotoColour::doubts([$tap], Srgb::hex('#e8641c')), 'Orange has no blue.');
        $shaded = new PhotoSample(Srgb::linear(0.1, 0.1, 0.1), 0.0);
        self::assertSame([PhotoWarning::KnownUneven], PhotoColour::doubts([$tap, $shaded], Srgb::hex('#e4e1d6')));
    }

    /**
     * @param list<PatchColour> $found
     *
     * @return list<Colour>
     */
    private static function words(array $found): array
    {
        return array_map(static fn (PatchColour $one): Colour => NearestColour::nearest($one->colour), $found);
    }

    /**
     * @param non-empty-array<string, float> $skirt shares by color word
     *
     * @return non-empty-list<Srgb> strands in light and shade, each channel noisy
     */
    private static function patch(array $skirt): array
    {
        $dice = new Randomizer(new Mt19937(7));
        $pixels = [];
        foreach ($skirt as $word => $share) {
            $light = Srgb::hex(Palette::hex(Colour::from($word)))->toLinear();
            for ($i = 0; $i < round($share * self::PIXELS); ++$i) {
                $shade = $dice->getInt(700, 1000) / 1000;
                $noise = static fn (): float => $dice->getInt(-4, 4) / 1000;
                $noisy = array_map(static fn (float $one): float => max(0.0, $one * $shade + $noise()), $light);
                $pixels[] = Srgb::linear(...$noisy);
            }
        }
        self::assertNotSame([], $pixels);

        return $pixels;
    }
}
