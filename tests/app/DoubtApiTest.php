<?php

declare(strict_types=1);

namespace Tests\app;

/** “I don't believe this”: a rule is off everywhere the rules advise, is still to be read, and is put on again. */
final class DoubtApiTest extends OutingTestCase
{
    public function testADoubtedRuleHasNoVoteAndComesBack(): void
    {
        $rule = $this->firstReason('skirt.base');
        $this->doubt($rule);
        self::assertSame(204, $this->answered(), $this->said());
        self::assertNotSame($rule, $this->firstReason('skirt.base'));
        $explained = $this->send('POST', '/api/explain', ['reading' => self::reading(), 'pick' => 'skirt.base']);
        self::assertNotContains($rule, array_column(self::listAt($explained, 'votes'), 'rule'));
        // It is off, and still stands in the book, where it is put on again.
        self::assertContains($rule, array_column(self::listAt($this->send('GET', '/api/rules')), 'id'));
        $read = $this->send('GET', "/api/rules/$rule");
        self::assertIsArray($read);
        self::assertTrue($read['can_be_doubted']);
        $this->doubt();
        self::assertSame($rule, $this->firstReason('skirt.base'));
    }

    /** Which kind of lure suits a water is a pick as any other: “Best here” and the ranking below it go by the same rules. */
    public function testTheKindOfLureIsRankedWithoutItToo(): void
    {
        $rules = $this->send('GET', '/api/rules');
        $ofLures = [];
        foreach (self::listAt($rules) as $rule) {
            self::assertIsArray($rule);
            if (true === $rule['can_be_doubted'] && str_contains((string) json_encode($rule['says']), 'lure_ranking')) {
                self::assertIsString($rule['id']);
                $ofLures[] = $rule['id'];
            }
        }
        $any = ['lure' => 'any', 'cover' => 'dock', 'wind' => 'calm'] + self::reading();
        $best = [];
        foreach ([[], \array_slice($ofLures, 0, 100)] as $doubted) {
            $this->doubt(...$doubted);
            self::assertSame(204, $this->answered());
            $advice = $this->send('POST', '/api/advice', $any);
            self::assertIsArray($advice);
            self::assertSame(self::listAt($advice, 'lure_ranking', 0)['lure'], $advice['lure']);
            $best[] = self::listAt($advice, 'lure_ranking', 0)['worth'];
        }
        self::assertGreaterThan($best[1], $best[0], 'Nothing speaks for a kind any longer.');
    }

    public function testItIsInTheBackupAndOutOfItAgain(): void
    {
        $rule = $this->firstReason('skirt.base');
        $this->doubt($rule);
        $backup = $this->send('GET', '/api/backup');
        self::assertSame([$rule], self::listAt($backup, 'settings', 'doubted'));
        $this->doubt();
        self::assertIsArray($backup);
        $this->send('POST', '/api/backup', $backup);
        self::assertSame([$rule], self::listAt($this->send('GET', '/api/settings'), 'doubted'));
        self::assertNotSame($rule, $this->firstReason('skirt.base'));
    }

    public function testWhatNamesNoRuleIsRefusedByItsField(): void
    {
        foreach ([[[''], 'doubted[0]'], [['a', 'a'], 'doubted'], [[str_repeat('x', 81)], 'doubted[0]']] as [$doubted, $field]) {
            $this->doubt(...$doubted);
            self::assertSame(422, $this->answered());
            self::assertSame([$field], array_keys($this->faults()));
        }
    }

    public function testTheLogbookNotesWhatWasNotBelievedThen(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), ['doubted' => ['B3.stained']] + self::stint('09:05'));
        self::assertLessThan(300, $this->answered(), $this->said());
        $stints = self::listAt($this->send('GET', '/api/outings/'.self::OUTING), 'stints');
        self::assertSame(['B3.stained'], self::listAt($stints, 0, 'doubted'));
    }

    private function doubt(string ...$rules): void
    {
        $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'paper', 'doubted' => $rules]);
    }

    /** The rule behind the first reason of a pick. */
    private function firstReason(string $pick): string
    {
        foreach (self::listAt($this->send('POST', '/api/advice', self::reading()), 'reasons') as $reason) {
            self::assertIsArray($reason);
            if ($pick === $reason['pick']) {
                self::assertIsString($reason['rule']);

                return $reason['rule'];
            }
        }
        self::fail("Nothing speaks for $pick.");
    }
}
