<?php

declare(strict_types=1);

namespace Tests\core\Measure;

use Kontrast\Measure\Said;
use Kontrast\Measure\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Quantities in sentences. Of the inch, the foot and the pound by the international yard and pound agreement (1959), of the degree by
 * definition; each worked out by hand.
 */
final class SaidTest extends TestCase
{
    #[DataProvider('sentences')]
    public function testAQuantityIsSaidInTheUnitsChosen(string $sentence, string $us, string $metric): void
    {
        self::assertSame($us, Said::in($sentence, Units::Us));
        self::assertSame($metric, Said::in($sentence, Units::Metric));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function sentences(): iterable
    {
        yield 'none' => ['No quantity at 5 in the morning.', 'No quantity at 5 in the morning.', 'No quantity at 5 in the morning.'];
        yield 'a visibility' => ['At ‹18 in› of visibility.', 'At 18 in of visibility.', 'At 46 cm of visibility.'];
        yield 'a span' => ['‹12 to 14 lb› line', '12 to 14 lb line', '5.4 to 6.4 kg line'];
        yield 'fractions' => ['‹5/16 or 3/8 oz›', '5/16 or 3/8 oz', '9 or 11 g'];
        yield 'a whole and a fraction' => ['‹1-1/4 oz› head', '1-1/4 oz head', '35 g head'];
        yield 'said otherwise' => ['‹1.5 ft|A foot and a half› of it.', 'A foot and a half of it.', '45 cm of it.'];
        yield 'what is told in feet' => ['‹1 to 3 ft|one to three feet› of it', 'one to three feet of it', '30 to 90 cm of it'];
        yield 'a cast' => ['Pitch ‹30 to 50 ft›.', 'Pitch 30 to 50 ft.', 'Pitch 9.1 to 15.2 m.'];
        yield 'a rod' => ['‹84 to 87 in|7 ft to 7 ft 3 in›', '7 ft to 7 ft 3 in', '2.13 to 2.21 m'];
        yield 'a trailer' => ['a thin ‹3.5 in› craw', 'a thin 3.5 in craw', 'a thin 8.9 cm craw'];
        yield 'a bead' => ['bead, ‹5/32 in›', 'bead, 5/32 in', 'bead, 4 mm'];
        yield 'a wire' => ['wire, ‹0.035 in›', 'wire, 0.035 in', 'wire, 0.9 mm'];
        yield 'a lake' => ['‹100 ft› deep', '100 ft deep', '30 m deep'];
        yield 'a temperature' => ['‹55 °F› and below', '55 °F and below', '13 °C and below'];
        yield 'words around the numbers' => ['Water ‹of 50 to 59 °F|in the 50s›.', 'Water in the 50s.', 'Water of 10 to 15 °C.'];
        yield 'a rise has no offset' => ['up ‹9 F°›', 'up 9 °F', 'up 5 °C'];
        yield 'below nothing' => ['‹-5 °F› is out', '-5 °F is out', '-21 °C is out'];
        yield 'a fall and a rise' => ['‹-15 to 15 F°›', '-15 to 15 °F', '-8 to 8 °C'];
        yield 'two' => ['‹1/4 oz› to ‹10 ft›', '1/4 oz to 10 ft', '7 g to 3 m'];
        yield 'what is no quantity stays' => ['‹so they say›, ‹5 cm›', '‹so they say›, ‹5 cm›', '‹so they say›, ‹5 cm›'];
    }
}
