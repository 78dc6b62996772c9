<?php

declare(strict_types=1);

namespace Tests\core\Inventory;

use Kontrast\Inventory\PhotoColour;
use Kontrast\Inventory\PhotoSample;
use Kontrast\Inventory\PhotoWarning;
use Kontrast\Lure\Colour;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Vision\Ciede2000;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A colour read off a photo with a white card in it. */
final class PhotoColourTest extends TestCase
{
    /**
     * A made-up photo: paper and part under a light, weakened channel by channel. Taking the light out gives the part's own colour back.
     * Diagonal adaptation by the channel: von Kries 1902.
     *
     * @param array{float, float, float} $light
     */
    #[DataProvider('lights')]
    public function testTheLightIsTakenOutByTheCard(array $light): void
    {
        foreach (Colour::cases() as $word) {
            $own = Srgb::hex(Palette::hex($word));
            $read = PhotoColour::read([self::under($light, Srgb::linear(0.9, 0.9, 0.9))], [self::under($light, $own)]);
            self::assertLessThan(0.05, Ciede2000::between($own->toLab(), $read->colour->toLab()), $word->value);
            self::assertSame([], $read->warnings);
        }
    }

    /** @return iterable<string, array{array{float, float, float}}> */
    public static function lights(): iterable
    {
        yield 'daylight' => [[0.95, 0.95, 0.95]];
        yield 'shade, bluish' => [[0.6, 0.7, 0.9]];
        yield 'a lamp, yellowish' => [[0.95, 0.75, 0.45]];
        yield 'dim' => [[0.3, 0.3, 0.28]];
    }

    /** Three times as much of one color as of another is the most that passes for white paper under some lamp. */
    public function testACardOfTooStrongAColorIsTold(): void
    {
        $warnings = static fn (float $blue): array => PhotoColour::read(
            [new PhotoSample(Srgb::linear(0.6, 0.6, $blue), 0.0)],
            [new PhotoSample(Srgb::linear(0.2, 0.2, 0.2), 0.0)],
        )->warnings;
        self::assertSame([], $warnings(0.6 / 2.95));
        self::assertSame([PhotoWarning::CardNotNeutral], $warnings(0.6 / 3.05));
    }

    public function testTapsAreAveragedAsAmountsOfLightAndTheirSpreadIsTold(): void
    {
        $card = [new PhotoSample(Srgb::linear(0.9, 0.9, 0.9), 0.0)];
        $read = PhotoColour::read(
            $card,
            [new PhotoSample(Srgb::linear(0.02, 0.1, 0.2), 0.0), new PhotoSample(Srgb::linear(0.28, 0.4, 0.5), 0.0)],
        );
        $mean = Srgb::linear(0.15, 0.25, 0.35);
        self::assertSame($mean->toHex(), $read->colour->toHex());
        self::assertEqualsWithDelta(
            max(
                Ciede2000::between($mean->toLab(), Srgb::linear(0.02, 0.1, 0.2)->toLab()),
                Ciede2000::between($mean->toLab(), Srgb::linear(0.28, 0.4, 0.5)->toLab()),
            ),
            $read->spread,
            1e-9,
        );
        self::assertContains(PhotoWarning::Spread, $read->warnings);
    }

    /** @param list<PhotoSample> $card */
    #[DataProvider('doubtful')]
    public function testADoubtfulPictureIsToldSo(array $card, float $glare, PhotoWarning $warning): void
    {
        self::assertNotSame([], $card);
        $read = PhotoColour::read($card, [new PhotoSample(Srgb::linear(0.2, 0.2, 0.1), $glare)]);
        self::assertSame([$warning], $read->warnings);
        self::assertNotSame('', $warning->label());
    }

    /** @return iterable<string, array{list<PhotoSample>, float, PhotoWarning}> */
    public static function doubtful(): iterable
    {
        $white = new PhotoSample(Srgb::linear(0.8, 0.8, 0.8), 0.0);
        yield 'a burnt-out card' => [[new PhotoSample(Srgb::linear(1, 1, 1), 0.6)], 0.0, PhotoWarning::CardClipped];
        yield 'a red card' => [[new PhotoSample(Srgb::linear(0.9, 0.2, 0.2), 0.0)], 0.0, PhotoWarning::CardNotNeutral];
        yield 'half card, half table' => [[$white, new PhotoSample(Srgb::linear(0.3, 0.3, 0.3), 0.0)], 0.0, PhotoWarning::CardNotNeutral];
        yield 'a card in the dark' => [[new PhotoSample(Srgb::linear(0.1, 0.1, 0.1), 0.0)], 0.0, PhotoWarning::CardDark];
        yield 'glare on the part' => [[$white], 0.3, PhotoWarning::Glare];
    }

    /** @param array{float, float, float} $light */
    private static function under(array $light, Srgb $colour): PhotoSample
    {
        [$r, $g, $b] = $colour->toLinear();

        return new PhotoSample(Srgb::linear($light[0] * $r, $light[1] * $g, $light[2] * $b), 0.0);
    }
}
