<?php

declare(strict_types=1);

namespace Tests\core\Scoring;

use Kontrast\Scoring\BestFirst;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Many parts in order, and few of them looked at. */
final class BestFirstTest extends TestCase
{
    public function testTheyComeInTheOrderOfTheirPointsAndAgainInTheSame(): void
    {
        $dice = new Randomizer(new Mt19937(3));
        $points = array_map(static fn (): int => $dice->getInt(0, 1000), range(0, 199));
        $glance = array_map(static fn (int $of): int => $of + $dice->getInt(0, 400), $points);
        $closer = array_map(static fn (int $of, int $most): int => intdiv($of + $most, 2), $points, $glance);
        $looked = 0;
        $all = new BestFirst(
            $glance,
            static fn (int $place): int => $closer[$place],
            static function (int $place) use ($points, &$looked): int {
                ++$looked;

                return $points[$place];
            },
        );
        $first = [];
        foreach ($all as $place => $of) {
            self::assertSame($points[$place], $of);
            $first[] = $of;
            if (10 === \count($first)) {
                break;
            }
        }
        self::assertLessThan(120, $looked, 'What could not be among the ten was never looked at.');
        $again = array_values(iterator_to_array($all));
        self::assertSame($first, \array_slice($again, 0, 10));
        rsort($points);
        self::assertSame($points, $again);
        self::assertSame(200, $looked, 'Each was looked at once.');
    }

    public function testOfNothingThereIsNothing(): void
    {
        self::assertSame([], iterator_to_array(new BestFirst([])));
    }
}
