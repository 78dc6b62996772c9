<?php

declare(strict_types=1);

namespace Tests\core\Vision;

use Kontrast\Material\Lab;
use Kontrast\Vision\Ciede2000;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Against the 34 pairs of Sharma, Wu & Dalal 2005, "The CIEDE2000 color-difference formula: implementation notes, supplementary test
 * data, and mathematical observations", Color Research and Application 30(1), table 1; from memory.
 */
final class Ciede2000Test extends TestCase
{
    #[DataProvider('pairs')]
    public function testThePublishedPairs(float $l1, float $a1, float $b1, float $l2, float $a2, float $b2, float $published): void
    {
        self::assertEqualsWithDelta($published, Ciede2000::between(new Lab($l1, $a1, $b1), new Lab($l2, $a2, $b2)), 5e-5);
        self::assertEqualsWithDelta(
            $published,
            Ciede2000::between(new Lab($l2, $a2, $b2), new Lab($l1, $a1, $b1)),
            5e-5,
            'The other way round.',
        );
    }

    public function testLightnessAloneNeverComesToMore(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        $colour = static fn (): Lab => new Lab($dice->getInt(0, 100), $dice->getInt(-110, 110), $dice->getInt(-110, 110));
        for ($i = 0; $i < 3000; ++$i) {
            [$one, $two] = [$colour(), $colour()];
            self::assertLessThanOrEqual(Ciede2000::between($one, $two) + 1e-9, Ciede2000::atLeast($one, $two));
            $grey = new Lab($two->l, $one->a, $one->b);
            self::assertEqualsWithDelta(Ciede2000::between($one, $grey), Ciede2000::atLeast($one, $grey), 1e-9, 'Of one chroma and hue.');
        }
    }

    /** @return list<array{float, float, float, float, float, float, float}> */
    public static function pairs(): array
    {
        return [
            [50, 2.6772, -79.7751, 50, 0, -82.7485, 2.0425],
            [50, 3.1571, -77.2803, 50, 0, -82.7485, 2.8615],
            [50, 2.8361, -74.0200, 50, 0, -82.7485, 3.4412],
            [50, -1.3802, -84.2814, 50, 0, -82.7485, 1.0000],
            [50, -1.1848, -84.8006, 50, 0, -82.7485, 1.0000],
            [50, -0.9009, -85.5211, 50, 0, -82.7485, 1.0000],
            [50, 0, 0, 50, -1, 2, 2.3669],
            [50, -1, 2, 50, 0, 0, 2.3669],
            [50, 2.4900, -0.0010, 50, -2.4900, 0.0009, 7.1792],
            [50, 2.4900, -0.0010, 50, -2.4900, 0.0010, 7.1792],
            [50, 2.4900, -0.0010, 50, -2.4900, 0.0011, 7.2195],
            [50, 2.4900, -0.0010, 50, -2.4900, 0.0012, 7.2195],
            [50, -0.0010, 2.4900, 50, 0.0009, -2.4900, 4.8045],
            [50, -0.0010, 2.4900, 50, 0.0010, -2.4900, 4.8045],
            [50, -0.0010, 2.4900, 50, 0.0011, -2.4900, 4.7461],
            [50, 2.5, 0, 50, 0, -2.5, 4.3065],
            [50, 2.5, 0, 73, 25, -18, 27.1492],
            [50, 2.5, 0, 61, -5, 29, 22.8977],
            [50, 2.5, 0, 56, -27, -3, 31.9030],
            [50, 2.5, 0, 58, 24, 15, 19.4535],
            [50, 2.5, 0, 50, 3.1736, 0.5854, 1.0000],
            [50, 2.5, 0, 50, 3.2972, 0, 1.0000],
            [50, 2.5, 0, 50, 1.8634, 0.5757, 1.0000],
            [50, 2.5, 0, 50, 3.2592, 0.3350, 1.0000],
            [60.2574, -34.0099, 36.2677, 60.4626, -34.1751, 39.4387, 1.2644],
            [63.0109, -31.0961, -5.8663, 62.8187, -29.7946, -4.0864, 1.2630],
            [61.2901, 3.7196, -5.3901, 61.4292, 2.2480, -4.9620, 1.8731],
            [35.0831, -44.1164, 3.7933, 35.0232, -40.0716, 1.5901, 1.8645],
            [22.7233, 20.0904, -46.6940, 23.0331, 14.9730, -42.5619, 2.0373],
            [36.4612, 47.8580, 18.3852, 36.2715, 50.5065, 21.2231, 1.4146],
            [90.8027, -2.0831, 1.4410, 91.1528, -1.6435, 0.0447, 1.4441],
            [90.9257, -0.5406, -0.9208, 88.6381, -0.8985, -0.7239, 1.5381],
            [6.7747, -0.2908, -2.4247, 5.8714, -0.0985, -2.2286, 0.6377],
            [2.0776, 0.0795, -1.1350, 0.9033, -0.0636, -0.5514, 0.9082],
        ];
    }
}
