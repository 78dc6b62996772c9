<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\BuildSheet\BuildSteps;
use Kontrast\Inventory\Composition;
use Kontrast\Lure\LureKind;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Caution;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Facts;
use Kontrast\Rulebook\ReadingExamples;
use Kontrast\Rulebook\Rule;
use Kontrast\Rulebook\SchoolQuestion;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\core\Bins;
use Tests\core\Readings;

/** Every fact is at work somewhere, and every rule is reached. */
final class CoverageTest extends TestCase
{
    /** Facts at work outside the rulebook, and where. */
    private const ELSEWHERE = [
        'W9' => 'the page that tests colours over depth',
        'L6' => 'trips',
        'L9' => 'what the angler trusts (Trust)',
        'L10' => 'the kind of bank of a stint, which the log counts (Factor::Bank)',
        'X1' => 'how a range holds at its ends (InRange)',
        'X9' => 'how firm a pick is (Firmness)',
        'X11' => 'what a rule’s conditions count (Rule::weight), and open ends (InRange)',
        'A4' => 'the cost on the build sheet',
        'A6' => 'the build sheet, for a lure that was bought',
        'A7' => 'the build sheet, for a painted blade',
    ];

    public function testEveryFactIsUsed(): void
    {
        $used = array_keys(self::ELSEWHERE);
        foreach (Engine::standard()->book->rules as $rule) {
            $used = [...$used, ...$rule->facts];
        }
        foreach (SchoolQuestion::cases() as $question) {
            $used[] = $question->fact();
        }
        $front = Bins::blade(id: 'front');
        $hook = Bins::random(1, 1, 1, 1, 1, 1)->hooks[0] ?? null;
        $tandem = new Composition(LureKind::Spinnerbait, Bins::head(), $front, Bins::blade(), Bins::skirt(), null, $hook);
        foreach (BuildSteps::write($tandem) as $step) {
            $used = [...$used, ...$step->facts];
        }
        $adviser = Adviser::standard();
        foreach (Readings::random(150, 61) as $reading) {
            $advice = $adviser->advise($reading);
            $used = [...$used, ...array_map(static fn (Caution $caution): string => $caution->id, $advice->cautions)];
            foreach ($advice->remedies as $remedy) {
                $used = [...$used, ...$remedy->facts];
            }
            foreach ($advice->next as $step) {
                $used = [...$used, ...$step->facts];
            }
        }
        self::assertSame([], array_values(array_diff(array_keys(Facts::ALL), $used)));
    }

    /** Each rule has a reading in which it decides a pick or is the loudest for one; without such a reading it would be dead weight. */
    #[DataProvider('rules')]
    public function testTheRuleIsReached(string $id): void
    {
        static $engine = null;
        $engine ??= Engine::standard();
        \assert($engine instanceof Engine);
        $rule = $engine->book->rules[$id];
        $reading = (new ReadingExamples($engine))->deciding($rule);
        self::assertNotNull($reading, "No reading reaches $id.");
        $case = $engine->decide($reading);
        self::assertGreaterThan(0.0, $rule->strength($case->situation()));
        self::assertTrue(null !== $rule->heading || self::matters($engine, $rule, new Assembly($case)), "$id speaks but does not matter.");
    }

    /** @return iterable<string, array{string}> */
    public static function rules(): iterable
    {
        foreach (Engine::standard()->book->rules as $rule) {
            yield $rule->id => [$rule->id];
        }
    }

    public function testAReadingIsTheSameEachTimeItIsMadeUp(): void
    {
        $rule = Engine::standard()->book->rules['S6'];
        self::assertEquals(
            (new ReadingExamples(Engine::standard()))->deciding($rule),
            (new ReadingExamples(Engine::standard()))->deciding($rule),
        );
    }

    public function testARuleKnowsWhomItMeetsAndWhoWins(): void
    {
        $engine = Engine::standard();
        $conflicts = [];
        foreach ((new ReadingExamples($engine))->conflicts($engine->book->rules['S6']) as $conflict) {
            $conflicts[$conflict->other->id] = $conflict;
            self::assertLessThanOrEqual($conflict->met, $conflict->won + $conflict->lost);
        }
        self::assertArrayHasKey('S10.clear', $conflicts);
        self::assertGreaterThan(
            5 * $conflicts['S10.clear']->lost,
            $conflicts['S10.clear']->won,
            'A special rule outvotes the usual ladder, but for where it fades out.',
        );
    }

    private static function matters(Engine $engine, Rule $rule, Assembly $case): bool
    {
        if (str_starts_with(($rule->for[0] ?? $rule->against[0])->slot->value ?? '', 'lure_ranking')) {
            $ranking = $engine->rank($case->decision->reading);

            return array_keys($ranking->scores) !== array_keys($ranking->without($rule)->scores);
        }
        foreach ($case->slotsInUse() as $slot) {
            $tally = $case->decision->on($slot);
            foreach (array_filter([...$tally->winners ?? [], $tally?->second()]) as $value) {
                if ($tally?->strongestFor($value)?->rule === $rule) {
                    return true;
                }
            }
            if (null !== $tally && $tally->keys() !== $tally->without($rule)->keys()) {
                return true;
            }
        }

        return false;
    }
}
