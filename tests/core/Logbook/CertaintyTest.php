<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Certainty;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** No figure is surer than its data. */
final class CertaintyTest extends TestCase
{
    #[TestWith([0.87, 5.0, '87 % sure'])]
    #[TestWith([0.99, 500.0, '99 % sure'])]
    #[TestWith([0.9951, 49.9, 'nearly sure'])]
    #[TestWith([0.9951, 50.0, 'over 99 % sure'])]
    #[TestWith([1.0, 3.0, 'nearly sure'])]
    #[TestWith([1.0, 1000.0, 'over 99 % sure'])]
    #[TestWith([0.001, 1000.0, 'under 1 % sure'])]
    public function testAChanceIsToldNoSurerThanItsHours(float $chance, float $hours, string $words): void
    {
        self::assertSame($words, Certainty::words($chance, $hours));
    }
}
