<?php

declare(strict_types=1);

namespace Tests\core\Practice;

use Kontrast\Practice\Seeing;
use Kontrast\Practice\Sharpness;
use Kontrast\Practice\Sighting;
use Kontrast\Practice\Verdict;
use Kontrast\Rulebook\Engine;
use PHPUnit\Framework\TestCase;
use Tests\core\Fits;

/** What is to be told by eye, and how sharp an eye is. */
final class SeeingTest extends TestCase
{
    /** Where the spans overlap nothing is asked, and the right answer is the one farther out. */
    public function testNothingIsAskedThatTheModelCannotTell(): void
    {
        $verdicts = [];
        foreach ([3, 4] as $seed) {
            foreach ((new Seeing(Engine::standard(), Fits::shared()))->draw($seed, 3, 2.5) as $one) {
                $verdicts[] = $one->right;
                self::assertGreaterThan(1.0, $one->ratio, $one->id);
                if (null === $one->spanB) {
                    $judged = 12 * Seeing::JUDGED_AT_FT;
                    self::assertSame(Verdict::Two === $one->right, $one->spanA->least->inInches() > $judged, $one->id);
                    self::assertSame(Verdict::One === $one->right, $one->spanA->most->inInches() < $judged, $one->id);
                    self::assertEqualsWithDelta($judged, $one->lookedAtFrom()->inInches(), 1e-9);
                } else {
                    $isA = Verdict::A === $one->right;
                    [$far, $near] = $isA ? [$one->spanA, $one->spanB] : [$one->spanB, $one->spanA];
                    self::assertGreaterThan($near->most->inInches(), $far->least->inInches(), $one->id);
                    self::assertSame($one->a->kind, $one->b?->kind, 'Two lures of one kind.');
                    self::assertLessThan($near->least->inInches(), $one->lookedAtFrom()->inInches());
                }
            }
        }
        self::assertGreaterThan(3, \count($verdicts));
    }

    public function testTheSameSeedAsksTheSame(): void
    {
        $ids = static fn (): array => array_map(
            static fn (Sighting $one): array => [$one->id, $one->reading, $one->right, $one->ratio],
            (new Seeing(Engine::standard(), Fits::shared()))->draw(6, 1, 2.0),
        );
        self::assertEquals($ids(), $ids());
    }

    /** Of most pairs of lures the model cannot tell: with these seeds two hundred pairs are not enough. */
    public function testAQuestionIsFoundHoweverManyAreInVain(): void
    {
        $seeing = new Seeing(Engine::standard(), Fits::shared());
        foreach ([166299, 578087] as $seed) {
            self::assertCount(1, $seeing->draw($seed, 1, 2.0), "seed $seed");
        }
    }

    /** An eye of a known threshold that answers by its own curve is found again. */
    public function testAThresholdIsFoundAgain(): void
    {
        foreach ([1.6, 3.0, 5.0] as $threshold) {
            $answers = [];
            // Each ratio a hundred times, with as many right answers as the curve says.
            foreach ([1.2, 1.5, 2.0, 2.5, 3.0, 4.0, 5.0, 7.0] as $ratio) {
                $share = 0.5 + 0.48 / (1 + exp(-(log($ratio) - log($threshold)) / 0.3));
                for ($i = 0; $i < 100; ++$i) {
                    $answers[] = [$ratio, $i < 100 * $share];
                }
            }
            $eye = Sharpness::of($answers);
            self::assertEqualsWithDelta(log($threshold), log($eye->threshold()), 0.12);
            self::assertEqualsWithDelta(0.74, $eye->share($eye->threshold()), 0.005);
        }
    }

    public function testBeforeAnyAnswerItIsAsOneWouldThink(): void
    {
        $eye = Sharpness::of([]);
        self::assertEqualsWithDelta(2.6, $eye->threshold(), 0.3);
        self::assertLessThan($eye->threshold(), Sharpness::of(array_fill(0, 12, [1.6, true]))->threshold());
        self::assertGreaterThan($eye->threshold(), Sharpness::of(array_fill(0, 12, [4.0, false]))->threshold());
    }
}
