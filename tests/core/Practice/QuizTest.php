<?php

declare(strict_types=1);

namespace Tests\core\Practice;

use Kontrast\Inventory\GenericParts;
use Kontrast\Inventory\Inventory;
use Kontrast\Lure\LureKind;
use Kontrast\Practice\Question;
use Kontrast\Practice\Quiz;
use Kontrast\Practice\Topic;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Facts;
use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\Reason;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\PartFit;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Fits;
use Tests\core\Simulation;

/** Waters to practice on: each has one right answer, a reason, and a wrong answer that tempts. */
final class QuizTest extends TestCase
{
    private const SEED = 20261201;

    /** @var list<Question> */
    private static array $drawn = [];

    /** @return list<Question> */
    private static function drawn(): array
    {
        return self::$drawn = [] === self::$drawn ? self::quiz()->draw(self::SEED, Simulation::size(5000, 90)) : self::$drawn;
    }

    #[Group(Simulation::GROUP)]
    public function testEveryWaterHasAnAnswerAReasonThatFitsAndATemptingWrongOneThatScoresLower(): void
    {
        self::assertCount(Simulation::size(5000, 90), self::drawn());
        foreach (self::drawn() as $question) {
            $told = $question->id.' '.$question->rule->id;
            self::assertNotSame('', $question->rule->because, $told);
            self::assertNotSame('', $question->tempting->because, $told);
            self::assertNotSame($question->rule->because, $question->tempting->because, $told);
            self::assertNotSame([], $question->rule->facts, $told);
            self::assertSame([], array_diff($question->rule->facts, array_keys(Facts::ALL)), $told);
            self::assertGreaterThanOrEqual(1.0, $question->points - $question->tempting->points, $told);
            self::assertNotSame([], $question->tempting->differs, $told);
            $pick = self::change($question);
            self::assertNotEquals(self::keys($pick->before), self::keys($pick->after), $told);
        }
    }

    /** The reason told is the one that the advice itself gives for that pick. */
    public function testTheReasonIsTheAdvicesOwn(): void
    {
        foreach (\array_slice(self::drawn(), 0, 40) as $question) {
            $reasons = array_filter(
                $question->answer->reasons,
                static fn (Reason $reason): bool => $reason->slot === $question->slot && $reason->rule === $question->rule,
            );
            self::assertNotSame([], $reasons, $question->id.' '.$question->rule->id);
        }
    }

    /** What another school would tie is right, a toss-up accepts both: neither is ever the wrong answer. */
    #[Group(Simulation::GROUP)]
    public function testAnAnswerThatSomebodyDefendsIsNeverTheWrongOne(): void
    {
        $engine = Engine::standard();
        foreach (\array_slice(self::drawn(), 0, Simulation::size(1000, 40)) as $question) {
            $decision = $engine->decide($question->reading);
            $wrong = self::keys(self::change($question)->after);
            foreach (SchoolQuestion::cases() as $asked) {
                foreach ($asked->schools() as $school) {
                    $theirs = (new Assembly($engine->inSchool($decision, $school)))->keys($question->slot);
                    self::assertNotSame($wrong, $theirs, $question->id.' '.$question->rule->id.' '.$school->value);
                }
            }
            $tally = $decision->on($question->slot);
            if (Firmness::TossUp === $tally?->firmness()) {
                self::assertNotSame($wrong, [$tally->second()?->key], $question->id);
            }
        }
    }

    /** Points come from the bench's scorer, as for a build that somebody puts together there. */
    public function testPointsAreThoseOfTheBench(): void
    {
        foreach (\array_slice(self::drawn(), 0, 6) as $question) {
            $scorer = new BuildScorer($question->reading, Adviser::standard()->brief($question->reading), Fits::shared());
            foreach ([
                [$question->answer->build, $question->points],
                [$question->tempting->build, $question->tempting->points],
            ] as [$build, $points]) {
                $measured = $scorer->measure(GenericParts::compose($build));
                self::assertEqualsWithDelta(100 * $measured->points / $measured->most(), $points, 0.051, $question->id);
            }
        }
    }

    public function testTheSameSeedGivesTheSameListAndAnotherOneOthers(): void
    {
        $ids = static fn (int $seed): array => array_map(
            static fn (Question $question): array => [$question->id, $question->rule->id, $question->reading],
            self::quiz()->draw($seed, 3),
        );
        self::assertEquals($ids(7), $ids(7));
        self::assertNotEquals($ids(7), $ids(8));
    }

    /** Each fact that votes on what is asked for is a card, and comes once before any comes again. */
    #[Group(Simulation::GROUP)]
    public function testEveryFactThatDecidesAPickComesUp(): void
    {
        $quiz = self::quiz();
        $cards = array_keys($quiz->cards());
        $seen = array_unique(array_map(static fn (Question $question): string => $question->rule->facts[0], self::drawn()));
        self::assertGreaterThan(60, \count($cards));
        $missing = array_diff($cards, $seen);
        Simulation::tell('Facts that never decide a pick alone: '.implode(', ', $missing));
        self::assertLessThan(0.25 * \count($cards), \count($missing), implode(', ', $missing));
        $topics = array_unique(array_map(static fn (Question $question): string => $question->topic->value, self::drawn()));
        // No water decides what is safe.
        $ofWaters = array_filter(Topic::cases(), static fn (Topic $topic): bool => Topic::Safety !== $topic);
        self::assertEqualsCanonicalizing(array_map(static fn (Topic $topic): string => $topic->value, $ofWaters), $topics);
    }

    public function testALevelHasOnlyItsOwnAndTheHardestHasMoreThatIsClose(): void
    {
        $hard = static fn (Question $question): int => \count($question->answer->near) + \count($question->answer->disagreements);
        $mean = [];
        foreach ([1, 3, 5] as $level) {
            $drawn = self::quiz()->draw(3, 4, $level);
            self::assertCount(4, $drawn);
            self::assertSame([$level], array_values(array_unique(array_map(static fn (Question $one): int => $one->level, $drawn))));
            $mean[] = array_sum(array_map($hard, $drawn)) / 4;
        }
        self::assertGreaterThan($mean[0], $mean[1]);
        self::assertGreaterThan($mean[1], $mean[2]);
    }

    public function testOfABoxIsAskedOnlyWhatItMakes(): void
    {
        $jig = Inventory::of([Bins::head(kinds: [LureKind::Jig]), Bins::skirt(), Bins::trailer()]);
        $quiz = new Quiz(Engine::standard(), Fits::shared(), $jig);
        $drawn = $quiz->near(1, self::SEED, 8);
        self::assertCount(8, $drawn);
        foreach ($drawn as $question) {
            self::assertSame(LureKind::Jig, $question->reading->lure);
            self::assertTrue(PartFit::makes($jig, $question->reading));
        }
        self::assertSame([], (new Quiz(Engine::standard(), Fits::shared(), Inventory::of([])))->near(1, self::SEED, 1));
    }

    private static function quiz(): Quiz
    {
        return new Quiz(Engine::standard(), Fits::shared());
    }

    private static function change(Question $question): Change
    {
        $changes = array_values(array_filter(
            $question->tempting->differs,
            static fn (Change $change): bool => $change->slot === $question->slot || Slot::TrailerFitted === $question->slot,
        ));
        self::assertNotSame([], $changes, $question->id.' '.$question->rule->id);

        return $changes[0];
    }

    /**
     * @param list<Value> $values
     *
     * @return list<string>
     */
    private static function keys(array $values): array
    {
        return array_map(static fn (Value $value): string => $value->key, $values);
    }
}
