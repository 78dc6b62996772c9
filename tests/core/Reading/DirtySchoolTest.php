<?php

declare(strict_types=1);

namespace Tests\core\Reading;

use Kontrast\Lure\LureKind;
use Kontrast\Reading\DirtySchool;
use Kontrast\Reading\Forage;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Tint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/**
 * D3, W1: what is usual in dirty water where the angler has not said. Muddy is under six inches, not at them; tea is very dark within a
 * foot. Common practice, no source; the foot is chosen.
 */
final class DirtySchoolTest extends TestCase
{
    /** @return iterable<string, array{LureKind, float, Tint, Sky, Forage, DirtySchool}> */
    public static function waters(): iterable
    {
        $day = Sky::Overcast;
        yield 'a jig is dark wherever' => [LureKind::Jig, 20, Tint::Green, $day, Forage::Shad, DirtySchool::Dark];
        yield 'so is a swim jig' => [LureKind::SwimJig, 20, Tint::Clay, $day, Forage::Shad, DirtySchool::Dark];
        foreach ([Tint::Clay, Tint::Green, Tint::Tannic] as $tint) {
            yield "bluegill in mud, $tint->value" => [LureKind::BladedJig, 5.99, $tint, $day, Forage::Bluegill, DirtySchool::Dark];
        }
        yield 'bluegill at six inches of clay' => [LureKind::BladedJig, 6, Tint::Clay, $day, Forage::Bluegill, DirtySchool::Natural];
        yield 'bluegill in dark tea' => [LureKind::BladedJig, 11.99, Tint::Tannic, $day, Forage::Bluegill, DirtySchool::Dark];
        yield 'bluegill in a foot of tea' => [LureKind::BladedJig, 12, Tint::Tannic, $day, Forage::Bluegill, DirtySchool::Natural];
        yield 'shad in clay' => [LureKind::BladedJig, 5.99, Tint::Clay, $day, Forage::Shad, DirtySchool::Dark];
        yield 'shad in as little green water' => [LureKind::BladedJig, 5.99, Tint::Green, $day, Forage::Shad, DirtySchool::Bright];
        yield 'shad at six inches of clay' => [LureKind::BladedJig, 6, Tint::Clay, $day, Forage::Shad, DirtySchool::Bright];
        yield 'crawfish anywhere' => [LureKind::BladedJig, 20, Tint::Green, $day, Forage::Crawfish, DirtySchool::Dark];
        yield 'a spinnerbait in mud' => [LureKind::Spinnerbait, 5.99, Tint::Clay, $day, Forage::Bluegill, DirtySchool::Dark];
        yield 'a spinnerbait at six inches' => [LureKind::Spinnerbait, 6, Tint::Clay, $day, Forage::Bluegill, DirtySchool::Bright];
        yield 'a spinnerbait in dark tea' => [LureKind::Spinnerbait, 11.99, Tint::Tannic, $day, Forage::Bluegill, DirtySchool::Dark];
        yield 'a spinnerbait in a foot of tea' => [LureKind::Spinnerbait, 12, Tint::Tannic, $day, Forage::Bluegill, DirtySchool::Bright];
        yield 'a spinnerbait for shad in mud' => [LureKind::Spinnerbait, 5, Tint::Clay, $day, Forage::Shad, DirtySchool::Bright];
        yield 'a spinnerbait for shad in rain' => [LureKind::Spinnerbait, 20, Tint::Clay, Sky::Rain, Forage::Shad, DirtySchool::Bright];
        yield 'a spinnerbait in rain' => [LureKind::Spinnerbait, 20, Tint::Clay, Sky::Rain, Forage::Bluegill, DirtySchool::Dark];
        yield 'a spinnerbait at night' => [LureKind::Spinnerbait, 20, Tint::Clay, Sky::Night, Forage::Shad, DirtySchool::Dark];
    }

    #[DataProvider('waters')]
    public function testWhatIsUsual(LureKind $lure, float $inches, Tint $tint, Sky $sky, Forage $forage, DirtySchool $usual): void
    {
        self::assertSame($usual, DirtySchool::usual(Readings::of($lure, $inches, $tint, $sky, forage: $forage)));
    }
}
