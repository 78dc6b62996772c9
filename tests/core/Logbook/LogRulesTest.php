<?php

declare(strict_types=1);

namespace Tests\core\Logbook;

use Kontrast\Logbook\Analysis;
use Kontrast\Logbook\Evidence;
use Kontrast\Logbook\FishedStint;
use Kontrast\Logbook\LogRules;
use Kontrast\Logbook\SchoolEvidence;
use Kontrast\Reading\FinishSchool;
use Kontrast\Reading\School;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Rank;
use Kontrast\Rulebook\Rulebook;
use Kontrast\Rulebook\SchoolQuestion;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\core\Readings;
use Tests\core\Simulation;

/** The log's say in the advice: as loud as the notes are sure, under a special rule's, and silent where there is only luck. */
final class LogRulesTest extends TestCase
{
    private const SEASONS = 400;

    /**
     * A log of luck alone must not turn a pick: 400 seasons of thirty outings in which every lure is as good, with flurries, favorites on
     * good days and lures changed after slow spells, on all questions at once.
     */
    #[Group(Simulation::GROUP)]
    public function testALogOfLuckAloneTurnsNoPick(): void
    {
        $book = Rulebook::standard();
        $standard = new Engine($book);
        $readings = [...Readings::random(40, 5)];
        $turned = 0;
        $before = array_map($standard->decide(...), $readings);
        $seasons = Simulation::size(self::SEASONS, 20);
        for ($season = 0; $season < $seasons; ++$season) {
            $notes = Seasons::of([0.0], 30, 9000 + $season)[1];
            $rules = LogRules::derive($book, Analysis::of($notes)->schools, SchoolQuestion::cases());
            if ([] === $rules) {
                continue;
            }
            $noted = new Engine($book->with($rules));
            foreach ($readings as $i => $reading) {
                foreach ($noted->decide($reading)->tallies as $slot => $tally) {
                    if ($tally->keys() !== $before[$i]->tallies[$slot]->keys()) {
                        ++$turned;
                        continue 3;
                    }
                }
            }
        }
        Simulation::tell("Seasons of luck alone that turn a pick: $turned of $seasons");
        self::assertLessThanOrEqual($seasons / 100, $turned);
    }

    /** Where one school's lures really get three times the bites, the log comes to speak for it. */
    public function testALogThatKnowsSpeaksForTheBetterSchool(): void
    {
        mt_srand(32);
        $spoken = 0;
        for ($season = 0; $season < 40; ++$season) {
            $evidence = self::evidence(static fn (string $question, array $schools): float => \in_array('sun', $schools, true) ? 3.0 : 1.0);
            $rules = LogRules::derive(Rulebook::standard(), $evidence, [SchoolQuestion::Finish]);
            $spoken += [] !== $rules && \in_array('log.', [substr($rules[0]->id, 0, 4)], true) ? 1 : 0;
        }
        self::assertGreaterThan(30, $spoken);
    }

    /** What two schools would both have tied, always, cannot tell them apart: they are judged as one, and the first of them speaks. */
    public function testSchoolsThatFishedTheSameAreJudgedAsOne(): void
    {
        $notes = [];
        for ($i = 0; $i < 40; ++$i) {
            $notes[] = Notes::stint(6, ['finish' => 'gold'], "day $i", schools: ['finish' => ['water', 'sun']]);
            $notes[] = Notes::stint(2, ['finish' => 'silver'], "day $i", schools: ['finish' => ['two_blade']]);
        }
        $votes = self::votes($notes);
        self::assertGreaterThan(0.999, $votes['water_then_sun'] + $votes['water']);
        self::assertSame(0.0, $votes['sun']);
        // One that nobody fished blocks nobody.
        self::assertSame(0.0, $votes['hot_mud']);
        self::assertNotSame([], LogRules::derive(Rulebook::standard(), Analysis::of($notes)->schools, [SchoolQuestion::Finish]));
        // And where only one was fished there is nothing to choose.
        $only = array_filter($notes, static fn (FishedStint $one): bool => 'gold' === $one->levels['finish']);
        self::assertSame(0.0, array_sum(self::votes($only)));
    }

    /**
     * @param array<FishedStint> $notes
     *
     * @return array<string, float> by school of the question which finish
     */
    private static function votes(array $notes): array
    {
        $votes = [];
        foreach (Analysis::of($notes)->schools as $one) {
            if (SchoolQuestion::Finish === $one->question) {
                $votes[(string) $one->school->value] = $one->voteChance;
            }
        }

        return $votes;
    }

    public function testItRepeatsTheRulesOfTheSchoolUnderASpecialRule(): void
    {
        $book = Rulebook::standard();
        $rules = LogRules::derive($book, [self::certain()], [SchoolQuestion::Finish]);
        self::assertNotSame([], $rules);
        foreach ($rules as $rule) {
            self::assertSame(Rank::Noted, $rule->rank);
            self::assertStringStartsWith('log.', $rule->id);
            self::assertSame([], $rule->schools);
            self::assertContains('L5', $rule->facts);
            self::assertStringStartsWith('Your log: sun got 2.9 bites an hour', $rule->because);
            self::assertLessThan(Rank::Special->value, $rule->weight());
        }
    }

    public function testItIsSilentUntilChosenAndWhereTheNotesDoNotTell(): void
    {
        $book = Rulebook::standard();
        self::assertSame([], LogRules::derive($book, [self::certain()], []));
        self::assertSame([], LogRules::derive($book, [self::certain()], [SchoolQuestion::Pairing]));
        self::assertSame($book, $book->with([]));
        $few = new SchoolEvidence(SchoolQuestion::Finish, FinishSchool::Sun, 4.0, 30, self::certain()->rate, 1.0, 1.0);
        self::assertSame(0.0, Evidence::strengthOf($few));
    }

    private static function certain(): SchoolEvidence
    {
        return new SchoolEvidence(SchoolQuestion::Finish, FinishSchool::Sun, 40.0, 120, \Kontrast\Statistics\Rate::of(120, 40.0), 1.0, 1.0);
    }

    /**
     * Notes of a season: 100 stints of an hour and a half on 30 days, each fitting a school or two of every question.
     *
     * @param callable(string, list<string>): float $times how many times as good a lure is that fits these
     *
     * @return list<SchoolEvidence>
     */
    private static function evidence(callable $times): array
    {
        $notes = [];
        for ($i = 0; $i < 100; ++$i) {
            $fits = [];
            $better = 1.0;
            foreach (SchoolQuestion::cases() as $question) {
                $schools = array_map(static fn (School $school): string => $school->value, $question->schools());
                shuffle($schools);
                $fits[$question->value] = \array_slice($schools, 0, mt_rand(1, min(2, \count($schools) - 1)));
                $better *= $times($question->value, $fits[$question->value]);
            }
            $day = $i % 30;
            $levels = ['finish' => implode('+', $fits['finish'])];
            $notes[] = Notes::stint(Chance::poisson(1.5 * 2.0 * $better), $levels, "day $day", schools: $fits, hours: 1.5);
        }

        return Analysis::of($notes)->schools;
    }
}
