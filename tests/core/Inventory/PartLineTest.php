<?php

declare(strict_types=1);

namespace Tests\core\Inventory;

use Kontrast\Inventory\PartKind;
use Kontrast\Inventory\PartLineReader;
use Kontrast\Inventory\StarterSet;
use Kontrast\Inventory\UnclearPartLine;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Colour;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Parts written as one would on a list, and the sets to start with. */
final class PartLineTest extends TestCase
{
    /** @param array<string, mixed> $expected */
    #[DataProvider('lines')]
    public function testALineIsReadAsItIsMeant(string $line, PartKind $kind, int $count, array $expected): void
    {
        $part = PartLineReader::read($line);
        self::assertSame($kind, $part->kind);
        self::assertSame($count, $part->count);
        foreach ($expected as $field => $value) {
            $found = match ($field) {
                'ounces' => null === $part->weight ? null : round($part->weight->inOunces(), 3),
                'inches' => null === $part->length ? null : round($part->length->inInches(), 3),
                'hook' => $part->hook?->label(),
                default => get_object_vars($part)[$field],
            };
            self::assertSame($value, $found, $field);
        }
    }

    /** @return iterable<string, array{string, PartKind, int, array<string, mixed>}> */
    public static function lines(): iterable
    {
        yield 'the line of the example' => ['12 green pumpkin craw 3.5 in', PartKind::Trailer, 12, [
            'name' => 'Green pumpkin craw 3.5 in', 'colours' => [Colour::GreenPumpkin], 'style' => TrailerStyle::Craw, 'inches' => 3.5,
            'assumed' => [], 'ignored' => [],
        ]];
        yield 'a weight as a fraction' => ['3/8 oz black swim jig head', PartKind::Head, 1, [
            'ounces' => 0.375, 'lures' => [LureKind::SwimJig], 'colours' => [Colour::Black],
        ]];
        yield 'a count and a weight' => ['4 1/2-oz white spinnerbait heads, short arm', PartKind::Head, 4, [
            'ounces' => 0.5, 'arm' => Arm::Short, 'lures' => [LureKind::Spinnerbait],
        ]];
        yield 'grams' => ['14 g brown jig head', PartKind::Head, 1, ['ounces' => 0.494]];
        yield 'a metal blade by number' => ['#4 gold willow blade', PartKind::Blade, 1, [
            'metal' => Metal::Gold, 'number' => 4, 'shape' => BladeShape::Willow, 'colours' => [],
        ]];
        yield 'paint, and the count last' => ['painted chartreuse Colorado blades #3 x4', PartKind::Blade, 4, [
            'metal' => null, 'colours' => [Colour::Chartreuse], 'shape' => BladeShape::Colorado, 'number' => 3,
        ]];
        yield 'the blade of a bladed jig' => ['2 gold bladed-jig blades', PartKind::Blade, 2, [
            'shape' => BladeShape::BladedJig, 'metal' => Metal::Gold, 'assumed' => ['#4'],
        ]];
        yield 'accents in their order' => ['6 brown with orange and blue living rubber skirts', PartKind::Skirt, 6, [
            'colours' => [Colour::Brown, Colour::Orange, Colour::Blue], 'skirtMaterial' => SkirtMaterial::LivingRubber,
        ]];
        yield 'a split skirt' => ['white over chartreuse and orange long-tail skirt', PartKind::Skirt, 1, [
            'colours' => [Colour::White], 'belly' => [Colour::Chartreuse, Colour::Orange], 'trim' => Trim::LongTail,
            'assumed' => ['silicone'],
        ]];
        yield 'inch marks and a price' => ['5" watermelon over pearl swimbait $0.60', PartKind::Trailer, 1, [
            'inches' => 5.0, 'belly' => [Colour::Pearl], 'cost' => 0.6, 'style' => TrailerStyle::PaddleTail,
        ]];
        yield 'so many ounces are a count' => ['12 1/2 oz black jig heads', PartKind::Head, 12, ['ounces' => 0.5]];
        yield 'few are a mixed number' => ['1 1/2 oz black jig head', PartKind::Head, 1, ['ounces' => 1.5]];
        yield 'a hyphen keeps them together' => ['1-1/2 oz black jig head', PartKind::Head, 1, ['ounces' => 1.5]];
        yield 'a mixed number, which is no count' => ['3 1/2 inch black chunk', PartKind::Trailer, 1, ['inches' => 3.5]];
        yield 'centimeters' => ['8 white paddle tails 10 cm', PartKind::Trailer, 8, ['inches' => 3.937]];
        yield 'millimeters' => ['8 white paddle tails 100 mm', PartKind::Trailer, 8, ['inches' => 3.937]];
        yield 'a hook' => ['5 2/0 trailer hooks', PartKind::Hook, 5, ['hook' => '2/0']];
        yield 'hardware keeps its size as written' => ['10 beads 5/32 in', PartKind::Bead, 10, ['size' => '5/32 in']];
        yield 'a word nobody knows is told' => ['3 sparkly black craws', PartKind::Trailer, 3, ['ignored' => ['sparkly']]];
        yield 'little said is much assumed' => ['a trailer', PartKind::Trailer, 1, ['assumed' => ['black', 'craw', '3.5 in']]];
    }

    /** @return iterable<string, array{string, string}> */
    public static function unclear(): iterable
    {
        yield 'no part at all' => ['something odd', 'Say what it is'];
        yield 'nothing of it' => ['0 black craws', 'count'];
        yield 'a million' => ['1000000 black craws', 'count'];
        yield 'a yard of plastic' => ['black craw 36 in', 'length'];
        yield 'an anvil' => ['99 oz jig head', 'weight'];
        yield 'a blade of no size' => ['gold willow #9', 'size number'];
        yield 'a hook of no size' => ['9/0 trailer hook', 'hook size'];
    }

    #[DataProvider('unclear')]
    public function testWhatCannotBeReadIsToldInASentence(string $line, string $says): void
    {
        $this->expectException(UnclearPartLine::class);
        $this->expectExceptionMessage($says);
        PartLineReader::read($line);
    }

    /** Common practice, no source (S20): four jigs and four swim jigs cover most days. */
    public function testTheStarterSetsAreTheStandingLures(): void
    {
        self::assertSame(
            ['black+blue/blue', 'black+blue/green_pumpkin', 'green_pumpkin/green_pumpkin', 'brown+green_pumpkin/green_pumpkin'],
            self::colours(StarterSet::Jigs),
        );
        self::assertCount(4, StarterSet::SwimJigs->builds());
    }

    /**
     * Common practice, no source (B7, B10): two blades a bladed jig; a small Colorado before a deep #5, and Indiana gold with Colorado
     * silver.
     */
    public function testTheBladesOfTheStarterSetsAreTheStandingOnes(): void
    {
        $finishes = [];
        foreach (StarterSet::BladedJigs->builds() as $build) {
            $finishes[$build->skirt->base->value ?? ''][] = $build->blades[0]->finish->isMetal();
        }
        foreach ($finishes as $both) {
            self::assertSame([false, true], $both);
        }
        [$muddy, $standing] = StarterSet::Spinnerbaits->builds();
        self::assertSame([2, BladeShape::DeepColorado, 5], [
            $muddy->frontBlade()?->size->number, $muddy->rearBlade()?->shape, $muddy->rearBlade()?->size->number,
        ]);
        self::assertSame(['silver', 'gold', BladeShape::Indiana], [
            $standing->frontBlade()?->finish->value, $standing->rearBlade()?->finish->value, $standing->rearBlade()?->shape,
        ]);
    }

    public function testEveryPartOfASetIsCountedAsOftenAsItsBuildsUseIt(): void
    {
        foreach (StarterSet::cases() as $set) {
            $skirts = array_sum(array_map(
                static fn (array $one): int => str_ends_with($one['part']->name, 'skirt') ? $one['count'] : 0,
                $set->parts(),
            ));
            self::assertSame(StarterSet::BladedJigs === $set ? 2 : \count($set->builds()), $skirts, $set->value);
        }
    }

    /** @return list<string> skirt and trailer of each build */
    private static function colours(StarterSet $set): array
    {
        $said = [];
        foreach ($set->builds() as $build) {
            $colours = [$build->skirt->base ?? Colour::Red, ...$build->skirt->accents ?? []];
            $skirt = array_map(static fn (Colour $one): string => $one->value, $colours);
            $said[] = implode('+', $skirt).'/'.($build->trailer->base->value ?? '');
        }

        return $said;
    }
}
