<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\SomethingDifferent;
use Kontrast\Logbook\StintLevels;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\SchoolQuestion;
use Kontrast\Rulebook\Slot;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;

/** Show them something different. Common practice, no source. */
final class SomethingDifferentTest extends TestCase
{
    public function testOneAfterAnotherUntilAllThatIsGoodWasFishedEachUnlikeAllBefore(): void
    {
        $engine = Engine::standard();
        $found = 0;
        foreach (Readings::random(60, 21) as $reading) {
            $usual = $engine->decide($reading);
            $looks = [StintLevels::looks((new Assembly($usual))->build())];
            while (null !== $other = SomethingDifferent::find($engine, $usual, \array_slice($looks, 1))) {
                $build = $other->build->build();
                $look = StintLevels::looks($build);
                self::assertNotContains($look, $looks);
                self::assertNotSame([], $other->changes);
                foreach ($other->changes as $change) {
                    self::assertNotEquals($change->before, $change->after);
                }
                $looks[] = $look;
                ++$found;
                self::assertLessThan(200, \count($looks), 'It comes to an end.');
            }
        }
        self::assertGreaterThan(60, $found);
    }

    public function testWhatIsShownHasEnoughVotesOrIsWhatAnotherSchoolTies(): void
    {
        $engine = Engine::standard();
        $bySchool = 0;
        foreach (Readings::random(150, 22) as $reading) {
            $usual = $engine->decide($reading);
            $other = SomethingDifferent::find($engine, $usual, []);
            if (null === $other) {
                self::assertCount(1, self::looksOfSchools($engine, $usual), 'All schools tie the same.');
                continue;
            }
            if (null !== $other->school) {
                ++$bySchool;
                self::assertContains(StintLevels::looks($other->build->build()), self::looksOfSchools($engine, $usual));
                continue;
            }
            foreach ($other->changes as $change) {
                if (!\in_array($change->slot, [Slot::Finish, Slot::SkirtBase, Slot::TrailerStyle, Slot::TrailerBase], true)) {
                    continue;
                }
                $tally = $usual->on($change->slot);
                self::assertNotNull($tally);
                // What the votes were asked to say comes first; what follows from it has votes of its own.
                $share = ($tally->scores[$change->after[0]->key] ?? 0.0) / $tally->scores[$change->before[0]->key];
                self::assertGreaterThanOrEqual(0.5, $share, $change->slot->value);
                break;
            }
        }
        self::assertGreaterThan(10, $bySchool);
    }

    /** @return list<array<string, string>> each once */
    private static function looksOfSchools(Engine $engine, Decision $usual): array
    {
        $looks = [StintLevels::looks((new Assembly($usual))->build())];
        foreach (SchoolQuestion::cases() as $question) {
            foreach ($question->schools() as $school) {
                $looks[] = StintLevels::looks((new Assembly($engine->inSchool($usual, $school)))->build());
            }
        }

        return array_values(array_unique($looks, \SORT_REGULAR));
    }
}
