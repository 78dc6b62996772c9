<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\OwnSights;
use PHPUnit\Framework\TestCase;

/** How far one sees in a water, as R tells quantiles: quantile(c(...), c(.1, .5, .9)), its type 7 (R 4.2). */
final class OwnSightsTest extends TestCase
{
    public function testLowUsualAndHighAreQuantiles(): void
    {
        $sights = OwnSights::of([22.0, 9.0, 14.0, 40.0, 18.0, 20.0, 30.0]);
        self::assertNotNull($sights);
        self::assertEqualsWithDelta(
            [12.0, 20.0, 34.0],
            [$sights->low->inInches(), $sights->usual->inInches(), $sights->high->inInches()],
            1e-9,
        );
    }

    public function testAFewDaysSayNothing(): void
    {
        self::assertNull(OwnSights::of([22.0, 9.0, 14.0, 40.0]));
        self::assertNotNull(OwnSights::of([22.0, 22.0, 22.0, 22.0, 22.0]));
    }
}
