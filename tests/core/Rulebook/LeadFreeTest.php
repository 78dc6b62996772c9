<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\Lure\Head;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Measurer;
use Kontrast\Lure\Run;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Caution;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** Where the angler keeps no lead, none is advised and nothing warns of it. */
final class LeadFreeTest extends TestCase
{
    public function testNoReadingIsAdvisedLead(): void
    {
        foreach (Readings::random(80, 71) as $reading) {
            $advice = Adviser::standard()->advise(self::leadFree($reading));
            self::assertNotSame(HeadMaterial::Lead, $advice->build->head->material);
            self::assertNotContains('C2', array_map(static fn (Caution $caution): string => $caution->id, $advice->cautions));
        }
    }

    public function testWithoutThatChoiceHeadsAreLeadAndWarnedOf(): void
    {
        $advice = Adviser::standard()->advise(Readings::of(LureKind::Jig));
        self::assertSame(HeadMaterial::Lead, $advice->build->head->material);
        self::assertContains('C2', array_map(static fn (Caution $caution): string => $caution->id, $advice->cautions));
    }

    public function testSteelWhereTheLureIsToStayUpAndTungstenElsewhere(): void
    {
        $material = static fn (Reading $reading): HeadMaterial => Adviser::standard()->advise(
            self::leadFree($reading),
        )->build->head->material;
        self::assertSame(HeadMaterial::Steel, $material(Readings::of(LureKind::SwimJig, run: Run::High)));
        self::assertSame(HeadMaterial::Steel, $material(Readings::of(LureKind::BladedJig, cover: Cover::Grass)));
        self::assertSame(HeadMaterial::Tungsten, $material(Readings::of(LureKind::Jig, cover: Cover::Rock)));
    }

    /** Of one weight and shape, length goes with the cube root of the density (geometry). */
    public function testADenserHeadIsShorter(): void
    {
        $build = Adviser::standard()->advise(Readings::of(LureKind::Jig))->build;
        $length = static fn (HeadMaterial $material): float => Measurer::measure(
            new \Kontrast\Lure\Build(
                $build->kind,
                new Head($build->head->weight, $build->head->range, $build->head->colour, $material),
                $build->blades,
                $build->skirt,
                $build->trailer,
                $build->trailerHook,
            ),
        )->headLength->inMillimetres();
        self::assertEqualsWithDelta((11.34 / 17.0) ** (1 / 3), $length(HeadMaterial::Tungsten) / $length(HeadMaterial::Lead), 1e-9);
        self::assertEqualsWithDelta((11.34 / 7.85) ** (1 / 3), $length(HeadMaterial::Steel) / $length(HeadMaterial::Lead), 1e-9);
    }

    private static function leadFree(Reading $reading): Reading
    {
        return $reading->with(leadFree: true);
    }
}
