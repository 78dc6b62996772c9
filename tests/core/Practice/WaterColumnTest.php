<?php

declare(strict_types=1);

namespace Tests\core\Practice;

use Kontrast\Lure\LureKind;
use Kontrast\Practice\WaterColumn;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** A water drawn from the surface down shows where a stick is gone, and how deep the picture reaches gives nothing away. */
final class WaterColumnTest extends TestCase
{
    public function testAPictureReachesAQuarterPastTheVisibilityAndSeldomMuchFurther(): void
    {
        foreach ([4, 9, 18, 20, 28, 30, 47, 49, 76, 78, 114, 117, 171, 175, 250] as $inches) {
            $reading = Readings::of(LureKind::Jig, $inches);
            [$near, $far] = [WaterColumn::of($reading, 0.0), WaterColumn::of($reading, 0.99)];
            $needed = 1.25 * $inches / 12;
            self::assertGreaterThanOrEqual($needed, $near->reach->inFeet(), "$inches in");
            // Each reach is about half as far again as the one before; the shallowest is two feet.
            self::assertLessThan(max(2.01, 1.75 * $needed), $near->reach->inFeet(), "$inches in");
            // There is none beyond the deepest.
            self::assertSame($near->reach->inFeet() < 27, $far->reach->inFeet() > $near->reach->inFeet(), "$inches in");
            self::assertLessThan(max(3.01, 1.75 * 1.75 * $needed), $far->reach->inFeet(), "$inches in");
            self::assertCount(9, $near->colours);
        }
    }

    public function testBeyondTheDeepestPictureTheStickIsStillShown(): void
    {
        $deep = WaterColumn::of(Readings::of(LureKind::Jig, 360), 0.5)->reach->inFeet();
        self::assertSame(38.0, round($deep, 6));
    }
}
