<?php

declare(strict_types=1);

namespace Tests\core\Inventory;

use Kontrast\Inventory\BoxMixing;
use Kontrast\Inventory\Composition;
use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\InventoryPart;
use Kontrast\Inventory\NearestColour;
use Kontrast\Inventory\Plastic;
use Kontrast\Inventory\StarterSet;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BladePosition;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Head;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookDimensions;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Measurer;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Surface;
use Kontrast\Lure\Trailer;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Lure\WeightRange;
use Kontrast\Material\Metal;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Measure\Said;
use Kontrast\Measure\Units;
use Kontrast\Measure\Weight;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;

/** Parts as owned, and what they are in the trade's words. */
final class PartsTest extends TestCase
{
    public function testEveryWordIsNearestToItsOwnColour(): void
    {
        foreach (Colour::cases() as $word) {
            self::assertSame($word, NearestColour::nearest(Srgb::hex(Palette::hex($word))));
        }
        self::assertSame(Colour::GreenPumpkin, NearestColour::nearest(Srgb::hex('#5a5530')));
        self::assertSame(Finish::PaintedWhite, NearestColour::nearestPaint(Srgb::hex('#ffffff')));
        self::assertSame(Finish::Black, NearestColour::nearestPaint(Srgb::hex('#000000')));
    }

    public function testABladeIsMetalOrPaintAndAMarkerTakesTheShine(): void
    {
        $gold = Bins::blade(metal: Metal::Gold);
        self::assertSame(Metal::Gold, $gold->part('b')->metal);
        $dark = $gold->darken();
        self::assertNotNull($dark);
        self::assertNull($dark->part('b')->metal);
        self::assertSame(Palette::DULLED, $dark->part('b')->inTheHand->toHex());
        self::assertTrue($dark->inWords(BladePosition::Single)->darkened);
        self::assertNull($dark->darken());
        self::assertNull(Bins::painted(Colour::Orange)->darken());
        self::assertSame(Finish::PaintedOrange, Bins::painted(Colour::Orange)->finish());
    }

    public function testACompositionIsABuildInWordsAndPartsInLight(): void
    {
        $build = new Composition(
            LureKind::Spinnerbait,
            Bins::head(0.5),
            Bins::blade(BladeShape::Colorado, 2, Metal::Silver),
            Bins::blade(),
            Bins::skirt(Colour::White, Colour::Chartreuse),
            null,
            null,
        );
        $words = $build->inWords();
        self::assertSame([BladePosition::Front, BladePosition::Rear], array_column($words->blades, 'position'));
        self::assertSame([Colour::Chartreuse], $words->skirt?->accents);
        self::assertNull($words->trailer);
        self::assertSame(
            ['steel', 'head', 'blade.front', 'blade.rear', 'skirt.0', 'skirt.1'],
            array_map(static fn (OpticalPart $part): string => $part->id, $build->asLightMeetsThem()),
        );
        self::assertSame(BladePosition::Single, $build->withoutFront()->inWords()->blades[0]->position);
        self::assertNull($build->withoutSkirt()->inWords()->skirt);
    }

    public function testTheArmOfTheHeadIsTheArmOfASpinnerbaitOnly(): void
    {
        $short = Bins::head(arm: Arm::Short);
        self::assertSame(
            Arm::Short,
            (new Composition(LureKind::Spinnerbait, $short, null, Bins::blade(), Bins::skirt(), null, null))->inWords()->arm,
        );
        self::assertSame(Arm::Long, (new Composition(LureKind::Jig, $short, null, null, Bins::skirt(), null, null))->inWords()->arm);
    }

    public function testAMeasuredHookIsTheHookOfTheBuild(): void
    {
        self::assertEquals(HookDimensions::forHead(Bins::head(0.25)->weight), Bins::head(0.25)->mouldedHook());
        $build = new Composition(LureKind::Jig, Bins::head(0.25), null, null, Bins::skirt(), null, null);
        self::assertEquals(Bins::head(0.25)->mouldedHook(), Measurer::measure($build->inWords())->hook);
    }

    public function testALongTailCanBeCutBackAndNotTwice(): void
    {
        $cut = Bins::skirt(trim: Trim::LongTail)->trimmed();
        self::assertSame(Trim::HookBend, $cut?->trim);
        self::assertNull($cut->trimmed());
    }

    public function testSeeThroughIsWhatHidesAboutHalf(): void
    {
        self::assertSame(Opacity::Translucent, Opacity::of(0.55));
        self::assertSame(Opacity::Opaque, Opacity::of(1.0));
    }

    /** Common practice, no source (T10). */
    public function testStretchyPlasticAmongOthersIsNoticedBoxByBox(): void
    {
        $in = static fn (string $box, string $name, Plastic $plastic): array => ['box' => $box, 'name' => $name, 'plastic' => $plastic];
        self::assertSame([['box' => 'Craws', 'stretchy' => ['a'], 'others' => ['b', 'c']]], BoxMixing::mixed([
            $in('Craws', 'a', Plastic::Stretchy), $in('craws ', 'b', Plastic::Soft), $in('Craws', 'c', Plastic::Soft),
            $in(
                'Grubs',
                'd',
                Plastic::Stretchy,
            ), $in('Swimbaits', 'e', Plastic::Soft), $in('', 'f', Plastic::Stretchy), $in('', 'g', Plastic::Soft),
        ]));
    }

    /** A part that nobody owns yet is called what one would ask for over the counter. */
    public function testGenericPartsOfTheStandingLuresAreCalledWhatTheyAre(): void
    {
        $names = static fn (StarterSet $set, int $i): array => array_map(
            static fn (InventoryPart $part): string => Said::in($part->name(), Units::Us),
            GenericParts::compose($set->builds()[$i])->parts(),
        );
        self::assertSame(['3/8 oz black jig head', 'black with blue living rubber skirt', '3.5 in blue craw'], $names(StarterSet::Jigs, 0));
        self::assertSame(
            [
                '3/8 oz green pumpkin swim jig head',
                'green pumpkin with blue and orange silicone skirt',
                '3.5 in green pumpkin twin-tail grub',
            ],
            $names(StarterSet::SwimJigs, 2),
        );
        self::assertSame(
            ['3/8 oz white bladed jig head', 'painted white bladed-jig blade', 'white silicone skirt', '3.5 in white paddle-tail swimbait'],
            $names(StarterSet::BladedJigs, 2),
        );
        self::assertSame(
            ['3/8 oz white spinnerbait head', 'gold Colorado #2', 'gold deep-cup Colorado #5', 'chartreuse with white silicone skirt',
                '4 in white single-tail grub'],
            $names(StarterSet::Spinnerbaits, 0),
        );
    }

    public function testAGenericTrailerSaysItsLengthToAHundredthOfAnInch(): void
    {
        $trailer = new Trailer(TrailerStyle::Craw, Length::inches(10 / 3), Colour::Black, [], Surface::Matte, Opacity::Opaque);
        self::assertStringStartsWith('‹3.33 in› ', self::generic(trailer: $trailer)->trailer->name ?? '');
    }

    public function testAGenericHeadSaysWhatItIsMadeOfWhereItIsNotLead(): void
    {
        self::assertSame('‹3/8 oz› black jig head', self::generic(HeadMaterial::Lead)->head->name);
        self::assertSame('‹3/8 oz› black jig head, tungsten', self::generic(HeadMaterial::Tungsten)->head->name);
    }

    private static function generic(HeadMaterial $material = HeadMaterial::Lead, ?Trailer $trailer = null): Composition
    {
        $head = new Head(Weight::ounces(0.375), WeightRange::ounces(0.25, 0.5), Colour::Black, $material);

        return GenericParts::compose(new Build(LureKind::Jig, $head, [], null, $trailer, null));
    }
}
