<?php

declare(strict_types=1);

namespace Tests\core\Practice;

use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryPart;
use Kontrast\Practice\Choices;
use Kontrast\Practice\Chooser;
use Kontrast\Practice\LookedAt;
use Kontrast\Practice\Question;
use Kontrast\Practice\Quiz;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Engine;
use Kontrast\Scoring\BuildScorer;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Fits;

/** The parts laid out to answer a water with, and what every choice of them is worth. */
final class ChooserTest extends TestCase
{
    private const SEED = 20261202;

    /** @var list<array{Question, list<Choices>}> */
    private static array $laid = [];

    /** @return list<array{Question, list<Choices>}> */
    private static function laid(): array
    {
        if ([] === self::$laid) {
            $chooser = new Chooser(Engine::standard(), Fits::shared());
            $questions = (new Quiz(Engine::standard(), Fits::shared()))->near(2, self::SEED, 24);
            self::$laid = array_map(static fn (Question $question): array => [$question, $chooser->choices($question)], $questions);
        }

        return self::$laid;
    }

    private static function asked(Question $question, Choices ...$choices): Choices
    {
        $asked = array_values(array_filter($choices, static fn (Choices $one): bool => $one->kind === $question->reading->lure));
        self::assertCount(1, $asked, $question->id);

        return $asked[0];
    }

    /** What the program ties lies there, is right, and what tempts lies there and is not. */
    public function testTheAnswerIsLaidOutAndWhatTemptsIsWrong(): void
    {
        $found = 0;
        foreach (self::laid() as [$question, $choices]) {
            $asked = self::asked($question, ...$choices);
            self::assertSame('1', $asked->right[$asked->place(...$asked->answer)], $question->id);
            self::assertEqualsWithDelta($question->points, $asked->totals[$asked->place(...$asked->answer)], 0.6, $question->id);
            self::assertEquals($question->answer->build->skirt, $asked->put(...$asked->answer)->skirt?->inWords(), $question->id);

            $tempting = GenericParts::compose($question->tempting->build);
            foreach ($asked->skirts as $s => $skirt) {
                foreach ($asked->blades as $b => $blades) {
                    foreach ($asked->trailers as $t => $trailer) {
                        $isTempting = [$skirt?->id(), $blades[1]?->id(), $trailer?->id()]
                            === [$tempting->skirt?->id(), $tempting->rear?->id(), $tempting->trailer?->id()];
                        foreach ($isTempting ? $asked->heads : [] as $h => $head) {
                            if ($head->weight->inOunces() === $tempting->head->weight->inOunces()) {
                                self::assertSame('0', $asked->right[$asked->place($h, $b, $s, $t)], $question->id.' '.$question->rule->id);
                                ++$found;
                            }
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(12, $found, 'What tempts can be chosen.');
    }

    /** What another school ties is right and told so; it is never what tempts. */
    public function testWhatAnApproachTiesIsRightAndSaidByWhom(): void
    {
        $defended = 0;
        $engine = Engine::standard();
        foreach (self::laid() as [$question, $choices]) {
            $asked = self::asked($question, ...$choices);
            $tempts = LookedAt::in($question->tempting->build, $question->slot);
            self::assertSame(LookedAt::in($question->answer->build, $question->slot), $asked->accepted[0]->look ?? null);
            foreach (\array_slice($asked->accepted, 1) as $one) {
                self::assertNotSame($tempts, $one->look, $question->id);
                self::assertTrue($one->isTossUp || [] !== $one->schools, $question->id);
                foreach ($one->schools as $school) {
                    $theirs = new Assembly($engine->inSchool($engine->decide($question->reading), $school));
                    self::assertSame($one->look, LookedAt::in($theirs->build(), $question->slot), $question->id);
                    ++$defended;
                }
            }
        }
        self::assertGreaterThan(3, $defended);
    }

    /** Every total is what the scorer of the bench says of the lure that the choices make, and the parts add up to it. */
    public function testEveryTotalIsThatOfTheBench(): void
    {
        foreach (\array_slice(self::laid(), 0, 8) as [$question, $choices]) {
            $best = max(0.0, ...array_map(static fn (Choices $one): float => $one->fits, $choices));
            foreach ($choices as $one) {
                $reading = $question->reading->with(lure: $one->kind);
                $scorer = new BuildScorer($reading, Adviser::standard()->brief($reading), Fits::shared());
                $share = 1 === \count($choices) ? 1.0 : $one->fits / $best;
                $lists = [$one->heads, $one->blades, $one->skirts, $one->trailers];
                foreach ([[0, 0, 0, 0], array_map(static fn (array $list): int => \count($list) - 1, $lists)] as [$h, $b, $s, $t]) {
                    $measured = $scorer->measure($one->put($h, $b, $s, $t));
                    $worth = $one->worth;
                    $parts = $worth['head'][$h] + $worth['blade'][$s][$b] + $worth['skirt'][$s] + $worth['trailer'][$s][$t];
                    self::assertEqualsWithDelta(100 * $measured->points / $scorer->most(), $parts, 0.21, $question->id);
                    self::assertEqualsWithDelta($share * $parts, $one->totals[$one->place($h, $b, $s, $t)], 0.75, $question->id);
                }
                self::assertEqualsWithDelta(100.0, array_sum($one->most), 0.21);
                self::assertCount(\count($one->heads) * \count($one->blades) * \count($one->skirts) * \count($one->trailers), $one->totals);
            }
        }
    }

    /** A kind of lure is asked for only where the water asks for the one that suits it best. */
    public function testOtherKindsOfLuresAreLaidOutWhereOneIsToBeChosen(): void
    {
        $areMany = 0;
        foreach (self::laid() as [$question, $choices]) {
            $ranked = $question->answer->ranking;
            if (1 < \count($choices)) {
                self::assertSame($ranked[0]->kind, $question->reading->lure, $question->id);
                ++$areMany;
                foreach ($choices as $one) {
                    self::assertSame($one->kind === $question->reading->lure, '' !== $one->right);
                }
            }
        }
        self::assertGreaterThan(0, $areMany);
        self::assertLessThan(\count(self::laid()), $areMany);
    }

    public function testFromABoxOnlyOwnedPartsAreLaidOut(): void
    {
        $bin = Bins::random(5, 30, 12, 12, 12);
        $owned = array_map(
            static fn (InventoryPart $part): string => $part->id(),
            [...$bin->heads, ...$bin->blades, ...$bin->skirts, ...$bin->trailers, ...$bin->hooks],
        );
        $chooser = new Chooser(Engine::standard(), Fits::shared(), $bin);
        foreach (\array_slice(self::laid(), 0, 4) as [$question]) {
            foreach ($chooser->choices($question) as $one) {
                self::assertSame([], array_diff(array_map(static fn (InventoryPart $head): string => $head->id(), $one->heads), $owned));
                self::assertNotSame([], $one->totals);
                // The best that the box makes is right, whatever it lacks.
                self::assertNotSame('0', ($one->right.'1')['' === $one->right ? 0 : $one->place(...$one->answer)]);
            }
        }
        self::assertSame([], (new Chooser(Engine::standard(), Fits::shared(), Inventory::of([])))->choices(self::laid()[0][0]));
        foreach (self::laid() as [$question]) {
            // Without a head for the lure that is asked for there is no right answer, whatever else the box makes.
            $others = array_values(array_filter(
                $bin->heads,
                static fn (InventoryHead $head): bool => !$head->isFor($question->reading->lure),
            ));
            $without = new Inventory($others, $bin->blades, $bin->skirts, $bin->trailers, $bin->hooks);
            self::assertSame([], (new Chooser(Engine::standard(), Fits::shared(), $without))->choices($question), $question->id);
        }
    }

    /** A pick as the eye tells it is the one that the rules picked. */
    public function testAPickIsToldFromTheLureItself(): void
    {
        foreach (self::laid() as [$question]) {
            self::assertNotSame(
                LookedAt::in($question->answer->build, $question->slot),
                LookedAt::in($question->tempting->build, $question->slot),
                $question->id.' '.$question->rule->id,
            );
        }
    }
}
