<?php

declare(strict_types=1);

namespace Tests\core\Vision;

use Kontrast\Material\Srgb;
use Kontrast\Vision\Ciede2000;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/** Colour conversions and CIEDE2000 over random colours against culori, a published colour library, run by Node. */
final class ReferenceTest extends TestCase
{
    private const PAIRS = 400;

    public function testLabAndCiede2000AreThoseOfAnIndependentLibrary(): void
    {
        $dice = new Randomizer(new Mt19937(5));
        $hex = static fn (): string => \sprintf('#%06x', $dice->getInt(0, 0xFFFFFF));
        $pairs = array_map(static fn (): array => [$hex(), $hex()], range(1, self::PAIRS));

        $node = new Process(['node', 'tests/reference/colours.js'], __DIR__.'/../../..', null, json_encode($pairs, \JSON_THROW_ON_ERROR));
        $node->mustRun();
        /** @var list<array{lab: array{float, float, float}, de00: float}> $reference */
        $reference = json_decode($node->getOutput(), true, 8, \JSON_THROW_ON_ERROR);

        self::assertCount(self::PAIRS, $reference);
        foreach ($pairs as $i => [$a, $b]) {
            $lab = Srgb::hex($a)->toLab();
            foreach ([$lab->l, $lab->a, $lab->b] as $k => $value) {
                self::assertEqualsWithDelta($reference[$i]['lab'][$k], $value, 0.02, "$a");
            }
            self::assertEqualsWithDelta($reference[$i]['de00'], Ciede2000::between($lab, Srgb::hex($b)->toLab()), 0.02, "$a and $b");
        }
    }
}
