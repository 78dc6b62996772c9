<?php

declare(strict_types=1);

namespace Tests\core\Rulebook;

use Kontrast\BuildSheet\BuildSteps;
use Kontrast\Inventory\Composition;
use Kontrast\Reading\LureKind;
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
        'L1' => 'trips', 'L4' => 'trips', 'L5' => 'the log', 'L6' => 'trips',
        'A4' => 'the cost on the build sheet',
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
        $tandem = new Composition(LureKind::Spinnerbait, Bins::head(), $front, Bins::blade(), Bins::skirt(), null, null);
        foreach (BuildSteps::of($tandem) as $step) {
            $used = [...$used, ...$step->facts];
        }
        $adviser = Adviser::standard();
        foreach (Readings::random(150, 61) as $reading) {
            $advice = $adviser->advise($reading);
            $used = [...$used, ...array_map(static fn (Caution $caution): string => $caution->id, $advice->cautions)];
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
        self::assertTrue(null !== $rule->heading || self::matters($rule, new Assembly($case)), "$id speaks but does not matter.");
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
        self::assertArrayHasKey('S10.mid', $conflicts);
        self::assertSame(0, $conflicts['S10.mid']->lost, 'A special rule outvotes the usual ladder.');
        self::assertGreaterThan(0, $conflicts['S10.mid']->won);
    }

    private static function matters(Rule $rule, Assembly $case): bool
    {
        foreach ($case->slotsInUse() as $slot) {
            $tally = $case->decision->on($slot);
            foreach ($tally->winners ?? [] as $value) {
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
