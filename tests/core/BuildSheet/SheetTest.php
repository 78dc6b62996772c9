<?php

declare(strict_types=1);

namespace Tests\core\BuildSheet;

use Kontrast\BuildSheet\Batch;
use Kontrast\BuildSheet\BuildFigures;
use Kontrast\BuildSheet\BuildStep;
use Kontrast\BuildSheet\BuildSteps;
use Kontrast\BuildSheet\Hardware;
use Kontrast\BuildSheet\Misfit;
use Kontrast\BuildSheet\Misfits;
use Kontrast\BuildSheet\Task;
use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\PartColour;
use Kontrast\Inventory\PartKind;
use Kontrast\Lure\Arm;
use Kontrast\Lure\BladeDimensions;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\BladeSize;
use Kontrast\Lure\Colour;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookDimensions;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\Measurer;
use Kontrast\Lure\Profile;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\TrailerStyle;
use Kontrast\Lure\Trim;
use Kontrast\Material\Metal;
use Kontrast\Measure\Length;
use Kontrast\Measure\Weight;
use Kontrast\Rulebook\Adviser;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Readings;

/** The build sheet: steps, what fits, and what it comes to. */
final class SheetTest extends TestCase
{
    private const TANDEM = [
        'lay_out', 'first_bead', 'front_blade', 'second_bead', 'spacer', 'third_bead', 'form_loop', 'rear_blade', 'close_loop',
        'skirt', 'trim', 'tie', 'trailer', 'hook', 'stop', 'check', 'boatside',
    ];

    /**
     * The order of A1 and A3; common practice, no source.
     *
     * @param list<string> $expected
     */
    #[DataProvider('variants')]
    public function testEveryVariantIsBuiltInTheOrderOfTheTrade(Composition $build, array $expected): void
    {
        self::assertSame($expected, array_map(static fn (BuildStep $step): string => $step->task->value, BuildSteps::write($build)));
    }

    /** @return iterable<string, array{Composition, list<string>}> */
    public static function variants(): iterable
    {
        $tandem = self::spinnerbait();
        yield 'tandem, trailer and hook' => [$tandem, self::TANDEM];
        yield 'single' => [
            $tandem->withoutFront(),
            array_values(array_diff(self::TANDEM, ['first_bead', 'front_blade', 'second_bead', 'spacer', 'third_bead'])),
        ];
        yield 'bare' => [$tandem->withoutTrailer()->withoutHook(), array_values(array_diff(self::TANDEM, ['trailer', 'hook', 'stop']))];
        yield 'jig' => [self::jig(), ['lay_out', 'skirt', 'trim', 'tie', 'trailer', 'check', 'boatside']];
        yield 'bladed jig' => [self::bladed(), ['lay_out', 'plate', 'skirt', 'trim', 'tie', 'trailer', 'check', 'boatside']];
        yield 'skirtless bladed jig' => [self::bladed()->withoutSkirt(), ['lay_out', 'plate', 'trailer', 'check', 'boatside']];
        $dark = Bins::blade(BladeShape::BladedJig, 3)->darken();
        self::assertNotNull($dark);
        yield 'darkened with '
            .'marker' => [
                self::bladed()->with($dark),
                ['lay_out', 'marker', 'plate', 'skirt', 'trim', 'tie', 'trailer', 'check', 'boatside'],
            ];
    }

    /** A1, A2, S15, S16, T5, H3, A3; common practice, no source. */
    public function testStepsSayWhatTheFactsSay(): void
    {
        $text = static fn (Composition $build, Task $task): string => implode(
            ' ',
            array_map(
                static fn (BuildStep $step): string => $step->text.' '.$step->why.' '.implode(' ', $step->parts).' '.implode(
                    ' ',
                    $step->cautions,
                ),
                array_filter(BuildSteps::write($build), static fn (BuildStep $step): bool => $step->task === $task),
            ),
        );
        self::assertStringContainsString('1 in', $text(self::spinnerbait(), Task::Spacer));
        self::assertStringContainsString('jamming', $text(self::spinnerbait(), Task::FirstBead));
        self::assertStringContainsString('0.035', $text(self::spinnerbait(), Task::FormLoop));
        self::assertStringContainsString('away from you', $text(self::spinnerbait(), Task::FormLoop));
        self::assertStringContainsString('the same way as the main hook: up', $text(self::spinnerbait(), Task::Hook));
        self::assertStringContainsString('a disc or a bit of tubing', $text(self::spinnerbait(), Task::Stop));
        self::assertStringContainsString('‹4 in|four inches› long', $text(self::jig(), Task::Tie));
        self::assertStringContainsString('thump', $text(self::spinnerbait(), Task::Boatside));
        self::assertStringNotContainsString('thump', $text(self::jig(), Task::Boatside));
        self::assertStringContainsString(
            'curls away from the hook bend',
            $text(self::spinnerbait()->with(Bins::trailer(Colour::White, TrailerStyle::SingleTailGrub)), Task::Trailer),
        );
        self::assertStringContainsString('weed guard', $text(self::jig(), Task::Tie));
        self::assertStringContainsString('bend of the rearmost hook', $text(self::jig(), Task::Trim));
        self::assertStringContainsString('as they are', $text(self::jig()->with(Bins::skirt(trim: Trim::LongTail)), Task::Trim));
        self::assertStringContainsString('eye protection', $text(self::jig(), Task::LayOut));
    }

    /** C2: the caution about lead is there for lead and for nothing else. */
    public function testWhatASplitSkirtLooksLikeIsSaid(): void
    {
        $why = static fn (InventorySkirt $skirt): ?string => array_column(
            array_map(static fn (BuildStep $step): array => [$step->task->value, $step->why], BuildSteps::write(self::jig()->with($skirt))),
            1,
            0,
        )['skirt'];
        [$black, $white, $blue] = array_map(Bins::partColour(...), [Colour::Black, Colour::White, Colour::Blue]);
        $split = static fn (PartColour ...$belly): InventorySkirt => new InventorySkirt(
            'split',
            'A skirt',
            $black,
            [],
            1.0,
            SkirtMaterial::Silicone,
            Trim::HookBend,
            array_values($belly),
        );
        self::assertNull($why($split()));
        self::assertSame('A split skirt: black back over white.', $why($split($white)));
        self::assertSame('A split skirt: black back over white and blue.', $why($split($white, $blue)));
    }

    public function testLeadIsWarnedOfWhereThereIsLead(): void
    {
        $words = static fn (HeadMaterial $material): string => implode(
            ' ',
            BuildSteps::write(self::jig()->with(Bins::head(material: $material)))[0]->cautions,
        );
        self::assertStringContainsString('wash your hands', $words(HeadMaterial::Lead));
        self::assertStringNotContainsString('is lead', $words(HeadMaterial::Tungsten));
    }

    /** A1: three beads, a clevis, a spacer and a swivel for a tandem; A3: a cable tie for every skirt. Common practice, no source. */
    public function testTheHardwareIsCounted(): void
    {
        $of = static fn (Composition $build): array => array_map(
            static fn (Hardware $hardware): string => "{$hardware->count} {$hardware->kind->value} {$hardware->size}",
            Hardware::count($build),
        );
        self::assertSame(['3 bead 5/32 in', '1 clevis #2', '1 spacer 1 in', '1 swivel #3', '1 collar 2.5 mm'], $of(self::spinnerbait()));
        self::assertSame(['1 swivel #3', '1 collar 2.5 mm'], $of(self::spinnerbait()->withoutFront()));
        self::assertSame(['1 collar 2.5 mm'], $of(self::jig()));
        self::assertSame([], $of(self::bladed()->withoutSkirt()));
    }

    /** A larger blade hangs on a larger swivel (from memory of common practice). */
    public function testTheSwivelFollowsTheBlade(): void
    {
        $swivel = static fn (int $size): string => array_column(
            array_map(
                static fn (Hardware $one): array => [$one->kind->value, $one->size],
                Hardware::count(self::spinnerbait()->with(Bins::blade(BladeShape::Willow, $size))),
            ),
            1,
            0,
        )['swivel'];
        self::assertSame(['#2', '#2', '#3', '#3', '#4', '#4'], array_map($swivel, [2, 3, 4, 5, 6, 7]));
    }

    #[DataProvider('misfits')]
    public function testAMisfitIsSaidWithTheNearestFit(Composition $build, string $slot, string $says, string $instead): void
    {
        $found = array_values(array_filter(Misfits::find($build), static fn (Misfit $misfit): bool => $misfit->slot === $slot));
        self::assertNotSame([], $found, "Something is wrong with the $slot.");
        self::assertStringContainsString($says, $found[0]->text);
        self::assertStringContainsString($instead, $found[0]->instead);
    }

    /** @return iterable<string, array{Composition, string, string, string}> */
    public static function misfits(): iterable
    {
        $build = self::spinnerbait();
        yield 'front blade strikes' => [$build->with(Bins::blade(BladeShape::Willow, 4, id: 'f'), inFront: true), 'front', 'hits', '#1'];
        yield 'front blade larger' => [
            $build->with(Bins::blade(BladeShape::Colorado, 3, id: 'f'), inFront: true)->with(Bins::blade(BladeShape::Willow, 2)),
            'front',
            'larger',
            '#2',
        ];
        yield 'a second blade on a short arm' => [$build->with(Bins::head(arm: Arm::Short)), 'front', 'short-arm', 'no '];
        yield 'a blade longer than its arm' => [
            $build->with(Bins::head(0.25, arm: Arm::Short))->withoutFront()->with(Bins::blade(BladeShape::Willow, 7)),
            'rear',
            'longer than the wire arm',
            '#',
        ];
        yield 'a plate on a spinnerbait' => [
            $build->withoutFront()->with(Bins::blade(BladeShape::BladedJig, 3)),
            'rear',
            'only a bladed jig',
            'willow',
        ];
        yield 'a hook past the skirt, H2' => [
            $build->with(new InventoryHook('k', '4/0', HookSize::aught(4))),
            'hook',
            'past the skirt',
            '1/0 or 2/0',
        ];
        yield 'a hook on a short arm, H1' => [
            $build->with(Bins::head(arm: Arm::Short))->withoutFront(),
            'hook',
            'never has',
            'no ',
        ];
        yield 'a hook too small, H2' => [$build->with(Bins::head(1.0)), 'hook', 'too small', '3/0 or 4/0'];
        yield 'a trailer that cannot swim' => [self::jig()->with(Bins::trailer(inches: 1.5)), 'trailer', 'cannot move', 'or longer'];
        yield 'a trailer inside a long tail' => [
            self::jig()->with(Bins::skirt(trim: Trim::LongTail)),
            'trailer',
            'shorter than the skirt',
            'shorter skirt',
        ];
        yield 'a head for another lure' => [
            self::jig()->with(Bins::head(kinds: [LureKind::BladedJig])),
            'head',
            'for a bladed jig',
            'head for a jig',
        ];
        yield 'a jig without a skirt' => [self::jig()->withoutSkirt(), 'skirt', 'needs a skirt', 'any'];
    }

    public function testWhatFitsIsLeftInPeace(): void
    {
        foreach ([self::spinnerbait(), self::jig(), self::bladed(), self::bladed()->withoutSkirt()] as $build) {
            self::assertSame([], Misfits::find($build));
        }
    }

    /** What is advised instead is the shortest to the quarter inch that swims: half an inch past the bend (docs/sheet.md). */
    public function testATrailerAsLongAsIsSaidSwims(): void
    {
        $jig = self::jig()->withoutSkirt();
        $shank = Measurer::measure($jig->inWords())->hookShank->inInches();
        $said = static fn (float $inches): string => implode(' ', array_map(
            static fn (Misfit $misfit): string => 'trailer' === $misfit->slot ? $misfit->instead : '',
            Misfits::find($jig->with(Bins::trailer(inches: $inches))),
        ));
        self::assertSame('', trim($said($shank + 0.501)));
        $short = $said($shank + 0.499);
        self::assertSame(1, preg_match('/a trailer of ‹?([\d.]+) in/u', $short, $match), $short);
        self::assertSame('', trim($said((float) $match[1])));
        self::assertNotSame('', trim($said((float) $match[1] - 0.25)));
    }

    public function testAFrontBladeAsLargeAsTheRearOneFits(): void
    {
        $build = self::spinnerbait()->with(Bins::blade(BladeShape::Colorado, 2, id: 'f'), inFront: true);
        $front = static fn (int $rear): array => array_filter(
            Misfits::find($build->with(Bins::blade(BladeShape::Willow, $rear))),
            static fn (Misfit $misfit): bool => 'front' === $misfit->slot,
        );
        self::assertSame([], $front(2));
        self::assertCount(1, $front(1));
    }

    /** One size to either side of the usual is in order, two are said. */
    public function testAMoldedHookMayBeOneSizeOff(): void
    {
        $usual = HookDimensions::forHead(Weight::ounces(0.25))->aught;
        $said = static fn (int $off): string => implode('', array_column(Misfits::find(self::jigOnHook($usual + $off)), 'text'));
        $wrong = array_map($said, [-2, -1, 0, 1, 2]);
        self::assertSame(['', '', ''], \array_slice($wrong, 1, 3));
        self::assertStringContainsString(' is small for a ', $wrong[0]);
        self::assertStringContainsString(' is large for a ', $wrong[4]);
    }

    /** Z1: the weight is held against the depth of the day. Common practice, no source. */
    public function testAWeightThatDoesNotSuitTheDepthIsSaid(): void
    {
        $deep = Adviser::standard()->brief(Readings::of(LureKind::Spinnerbait, feet: 30));
        self::assertStringContainsString(
            'light for this depth',
            implode(' ', array_column(Misfits::find(self::spinnerbait(), $deep), 'text')),
        );
        $shallow = Adviser::standard()->brief(Readings::of(LureKind::Spinnerbait, feet: 3));
        self::assertSame([], Misfits::find(self::spinnerbait(), $shallow));
    }

    public function testLeadIsAMisfitForWhoeverDoesWithout(): void
    {
        self::assertStringContainsString('is lead', Misfits::find(self::jig(), null, true)[0]->text);
        self::assertSame([], Misfits::find(self::jig()->with(Bins::head(material: HeadMaterial::Tungsten)), null, true));
    }

    public function testAHookFarFromTheUsualIsSaid(): void
    {
        self::assertStringContainsString('is large for a', Misfits::find(self::jigOnHook(5))[0]->text);
    }

    /** Worked by hand: 6.4 turns of a spool 1.25 in across take up 6.4 · π · 1.25 = 25.13 in (Z5; geometry). */
    public function testLineByTheTurnOfTheHandle(): void
    {
        self::assertEqualsWithDelta(25.1327, BuildFigures::linePerTurn(6.4, Length::inches(1.25))->inInches(), 1e-4);
    }

    /** International avoirdupois ounce, 28.349523125 g (1959 agreement): the head alone already weighs what its name says. */
    public function testTheWholeWeighsMoreThanItsHeadByItsParts(): void
    {
        $bare = BuildFigures::of(self::jig()->withoutTrailer())->weight->inGrams();
        self::assertGreaterThan(0.375 * 28.349523125, $bare);
        $withTrailer = BuildFigures::of(self::jig())->weight->inGrams();
        // Craw of 3.5 in: 8.89 cm · 1.0 cm² · 1.05 g/cm³.
        self::assertEqualsWithDelta(9.33, $withTrailer - $bare, 0.01);
        $tandem = BuildFigures::of(self::spinnerbait());
        self::assertGreaterThan(BuildFigures::of(self::spinnerbait()->withoutFront())->weight->inGrams(), $tandem->weight->inGrams());
    }

    /**
     * What a flat shape covers of its length times width: an ellipse π/4, which a round blade goes past by its shoulders and a lens of two
     * parabolas stays behind with 2/3 (plane geometry). A plate has rounded corners only.
     */
    public function testABladeCoversWhatItsShapeDoes(): void
    {
        $ellipse = \M_PI / 4;
        $size = BladeSize::number(4);
        $share = static fn (BladeShape $shape): float => BuildFigures::squareInches(Bins::blade($shape, 4))
            / BladeDimensions::length($shape, $size)->inInches() / BladeDimensions::width($shape, $size)->inInches();
        self::assertEqualsWithDelta($ellipse, $share(BladeShape::Colorado), 0.04);
        self::assertEqualsWithDelta($ellipse, $share(BladeShape::DeepColorado), 0.04);
        self::assertGreaterThanOrEqual($ellipse, $share(BladeShape::Colorado));
        self::assertEqualsWithDelta($ellipse, $share(BladeShape::Indiana), 0.03);
        self::assertEqualsWithDelta(2 / 3, $share(BladeShape::Willow), 0.03);
        self::assertEqualsWithDelta((1 + $ellipse) / 2, $share(BladeShape::BladedJig), 0.06);
    }

    /** Every part adds what docs/sheet.md says that it weighs. */
    public function testTheWholeWeighsWhatThePageSaysOfItsParts(): void
    {
        $page = (string) file_get_contents(__DIR__.'/../../../docs/sheet.md');
        preg_match_all('/^\| (?:trailer hook )?([^|]+?)(?: of a skirt)? \| ([\d.]+) \|$/m', $page, $rows);
        $grams = array_map(floatval(...), array_combine($rows[1], $rows[2]));
        $of = static fn (Composition $build): float => BuildFigures::of($build)->weight->inGrams();
        $jig = self::jig();
        self::assertEqualsWithDelta(2.2 + $grams['collar'], $of($jig) - $of($jig->withoutSkirt()), 1e-9);
        $rubber = new InventorySkirt('rubber', 'A', Bins::partColour(Colour::Black), [], 1.0, SkirtMaterial::LivingRubber, Trim::HookBend);
        self::assertEqualsWithDelta(2.8 - 2.2, $of($jig->with($rubber)) - $of($jig), 1e-9);
        preg_match('/as thick all along, in cm² \(chosen\): ([^.]+\.\d[^:]*?)\. So/s', $page, $match);
        preg_match_all('/([a-z -]+?) ([\d.]+)(?:,|$)/', str_replace("\n", ' ', $match[1] ?? ''), $styles);
        $named = array_map(static fn (string $one): string => str_replace(['-', ' '], '_', trim($one)), $styles[1]);
        $sections = array_combine($named, $styles[2]);
        self::assertCount(\count(TrailerStyle::cases()), $sections);
        foreach (TrailerStyle::cases() as $style) {
            // Length times cross-section times the density of soft plastic.
            $expected = 4 * 2.54 * (float) $sections[$style->value] * 1.05;
            $added = $of($jig->with(Bins::trailer(Colour::Black, $style, 4))) - $of($jig->withoutTrailer());
            self::assertEqualsWithDelta($expected, $added, 1e-9, $style->value);
        }
        $tandem = self::spinnerbait()->withoutHook();
        foreach (HookSize::all() as $size) {
            $hook = new InventoryHook('hook', 'A hook', $size);
            self::assertEqualsWithDelta($grams[$size->label()], $of($tandem->with($hook)) - $of($tandem), 1e-9, $size->label());
        }
        $blade = BuildFigures::squareInches(Bins::blade(BladeShape::Colorado, 2)) * 2.54 ** 2 * 0.05 * 8.5;
        $front = 3 * $grams['bead'] + $grams['clevis'] + $grams['spacer'];
        self::assertEqualsWithDelta(
            $blade + $front,
            $of($tandem->with(Bins::blade(BladeShape::Colorado, 2), inFront: true)) - $of($tandem->withoutFront()),
            1e-9,
        );
    }

    /** A bead is a ball of brass with a hole for wire of 0.035 in; a spacer a tube around it, half a millimeter thick at most. */
    public function testBeadAndSpacerWeighWhatTheirBrassDoes(): void
    {
        $of = static fn (Composition $build): float => BuildFigures::of($build)->weight->inGrams();
        $tandem = self::spinnerbait()->withoutHook();
        [$bead, $wire] = [5 / 32 * 2.54, 0.035 * 2.54];
        $beads = 3 * 8.5 * (\M_PI / 6 * $bead ** 3 - \M_PI / 4 * $wire ** 2 * $bead);
        $spacer = 8.5 * \M_PI / 4 * (($wire + 0.1) ** 2 - $wire ** 2) * 2.54;
        $front = $tandem->front ?? self::fail('A tandem has a front blade.');
        $added = $of($tandem) - $of($tandem->withoutFront()) - BuildFigures::squareInches($front) * 2.54 ** 2 * 0.05 * 8.5;
        self::assertGreaterThan($beads, $added);
        self::assertLessThan($beads + $spacer + 0.25, $added);
    }

    /** B1, common practice, no source: round thumps most, long least; a deep cup hardest; larger harder. */
    public function testTheThumpFollowsShapeAndSize(): void
    {
        $thump = static fn (BladeShape $shape, int $size = 5): int => BuildFigures::of(
            self::spinnerbait()->withoutFront()->with(Bins::blade($shape, $size)),
        )->thump;
        self::assertGreaterThan($thump(BladeShape::Indiana), $thump(BladeShape::Colorado));
        self::assertGreaterThan($thump(BladeShape::Willow), $thump(BladeShape::Indiana));
        self::assertGreaterThan($thump(BladeShape::Colorado), $thump(BladeShape::DeepColorado));
        self::assertGreaterThan($thump(BladeShape::Colorado, 2), $thump(BladeShape::Colorado, 6));
        self::assertSame(0, BuildFigures::of(self::jig())->thump);
        // As docs/sheet.md reckons: five for a Colorado an inch wide, and never more than ten.
        foreach (['colorado' => 1.0, 'deep_colorado' => 1.4, 'indiana' => 0.6, 'willow' => 0.3, 'bladed_jig' => 0.8] as $name => $beat) {
            $shape = BladeShape::from($name);
            foreach ([2, 4, 7] as $size) {
                $width = BladeDimensions::width($shape, BladeSize::number($size))->inInches();
                self::assertSame(max(1, min(10, (int) round(5 * $width ** 2 * $beat))), $thump($shape, $size), "$name #$size");
            }
        }
    }

    /** F9: a longer build is a bigger profile. Common practice, no source. */
    public function testTheProfileGrowsWithTheLength(): void
    {
        $profile = static fn (float $inches): Profile => BuildFigures::of(self::jig()->with(Bins::trailer(inches: $inches)))->profile;
        self::assertSame([Profile::Small, Profile::Regular, Profile::Big], [$profile(2.25), $profile(3.5), $profile(5)]);
    }

    public function testABatchCountsPartsHardwareAndTimeAndGroupsEqualSteps(): void
    {
        $batch = new Batch(
            [['name' => 'tandem', 'build' => self::spinnerbait(), 'count' => 6], ['name' => 'jig', 'build' => self::jig(), 'count' => 4]],
        );
        $parts = array_column($batch->parts(), 'count', 'id');
        self::assertSame(6 + 4, $parts['skirt']);
        self::assertSame(6, $parts['front']);
        $hardware = array_column(
            array_map(static fn (array $one): array => ['kind' => $one['kind']->value, 'count' => $one['count']], $batch->hardware()),
            'count',
            'kind',
        );
        self::assertSame(['bead' => 18, 'clevis' => 6, 'spacer' => 6, 'swivel' => 6, 'collar' => 10], $hardware);
        $order = $batch->order();
        $tasks = array_map(static fn (array $row): Task => $row['task'], $order);
        self::assertSame($tasks, array_values(array_filter(Task::cases(), static fn (Task $task): bool => \in_array($task, $tasks, true))));
        $skirt = array_values(array_filter($order, static fn (array $row): bool => Task::Skirt === $row['task']))[0];
        self::assertSame([10, ['6 × tandem', '4 × jig']], [$skirt['count'], $skirt['builds']]);
        self::assertEqualsWithDelta(0.5 * (1 + 0.8 * 9), $skirt['minutes'], 1e-9);
        self::assertSame(PartKind::Bead, $batch->hardware()[0]['kind']);
    }

    private static function spinnerbait(): Composition
    {
        return new Composition(
            LureKind::Spinnerbait,
            Bins::head(),
            Bins::blade(BladeShape::Colorado, 2, Metal::Silver, 'front'),
            Bins::blade(),
            Bins::skirt(),
            Bins::trailer(),
            new InventoryHook('k', '2/0', HookSize::aught(2)),
        );
    }

    private static function jig(): Composition
    {
        return new Composition(LureKind::Jig, Bins::head(), null, null, Bins::skirt(), Bins::trailer(), null);
    }

    /** A jig of a quarter ounce that is molded on a hook of so many aught. */
    private static function jigOnHook(int $aught): Composition
    {
        return self::jig()->with(new InventoryHead(
            'h',
            'h',
            [LureKind::Jig],
            Weight::ounces(0.25),
            Bins::partColour(Colour::Black),
            HeadMaterial::Lead,
            HookSize::aught($aught),
            Arm::Long,
        ));
    }

    private static function bladed(): Composition
    {
        return new Composition(
            LureKind::BladedJig,
            Bins::head(),
            null,
            Bins::blade(BladeShape::BladedJig, 3),
            Bins::skirt(),
            Bins::trailer(),
            null,
        );
    }

    /** The plate of a bladed jig hangs before the head on its snap: half of its length is in front (by its drawing; chosen). */
    public function testHalfThePlateOfABladedJigIsInFrontOfIt(): void
    {
        $plate = Bins::blade(BladeShape::BladedJig, 4);
        $with = new Composition(LureKind::BladedJig, Bins::head(), null, $plate, Bins::skirt(), Bins::trailer(), null);
        $without = new Composition(LureKind::Jig, Bins::head(), null, null, Bins::skirt(), Bins::trailer(), null);
        self::assertEqualsWithDelta(
            BladeDimensions::length(BladeShape::BladedJig, BladeSize::number(4))->inInches() / 2,
            BuildFigures::of($with)->overall->inInches() - BuildFigures::of($without)->overall->inInches(),
            1e-9,
        );
    }
}
