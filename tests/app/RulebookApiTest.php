<?php

declare(strict_types=1);

namespace Tests\app;

use Kontrast\Rulebook\Rulebook;
use Symfony\Component\Process\Process;

/** The book laid open, and what changes from one reading to another. */
final class RulebookApiTest extends ApiTestCase
{
    public function testEveryRuleIsLaidOpen(): void
    {
        $rules = $this->send('GET', '/api/rules');
        self::assertIsArray($rules);
        self::assertSame(array_keys(Rulebook::standard()->rules), array_column($rules, 'id'));
        foreach ($rules as $rule) {
            self::assertIsArray($rule);
            self::assertNotSame('', $rule['because']);
            self::assertTrue([] !== $rule['says'] || null !== $rule['heading']);
        }
    }

    public function testARuleTellsWhatItMeetsAndWhoWins(): void
    {
        $conflicts = $this->send('GET', '/api/rules/B3.stained/conflicts');
        self::assertIsArray($conflicts);
        self::assertNotSame([], $conflicts);
        foreach ($conflicts as $conflict) {
            self::assertIsArray($conflict);
            self::assertIsInt($conflict['met']);
            self::assertIsInt($conflict['won']);
            self::assertIsInt($conflict['lost']);
            self::assertGreaterThanOrEqual($conflict['won'] + $conflict['lost'], $conflict['met']);
        }
    }

    public function testARuleOpensAReadingThatTheAdviceTakes(): void
    {
        $reading = $this->send('GET', '/api/rules/S6/reading');
        self::assertIsArray($reading);
        $advice = $this->send('POST', '/api/advice', $reading);
        self::assertSame(200, $this->answered());
        self::assertIsArray($advice);
        self::assertIsArray($advice['reasons']);
        self::assertContains('S6', array_column($advice['reasons'], 'rule'));
    }

    public function testARuleThatIsNotInTheBookIsToldSo(): void
    {
        foreach (['conflicts', 'reading'] as $of) {
            $this->send('GET', "/api/rules/Q99/$of");
            self::assertSame(404, $this->answered());
            self::assertStringContainsString('There is no rule Q99.', $this->said());
        }
    }

    public function testTheChangesFromOneReadingToAnotherHaveTheirReasons(): void
    {
        $before = ['lure' => 'jig', 'forage' => 'crawfish'] + self::reading();
        $changes = $this->send('POST', '/api/changes', ['before' => $before, 'after' => ['visibility_in' => 10] + $before]);
        self::assertIsArray($changes);
        $skirt = array_values(
            array_filter($changes, static fn (mixed $change): bool => \is_array($change) && 'skirt.base' === $change['pick']),
        )[0] ?? null;
        self::assertIsArray($skirt);
        self::assertSame(['green_pumpkin'], $skirt['before']);
        self::assertSame(['black'], $skirt['after']);
        self::assertIsString($skirt['because']);
        self::assertSame([], $this->send('POST', '/api/changes', ['before' => $before, 'after' => $before]));
    }

    public function testAFaultInEitherReadingIsNamedWithItsPlace(): void
    {
        $this->send('POST', '/api/changes', ['before' => self::reading(), 'after' => ['visibility_in' => 0] + self::reading()]);
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey('after.visibility_in', $this->faults());
    }

    public function testAListOfReadingsIsAnsweredWithAListOfAdvices(): void
    {
        $list = [self::reading(), ['lure' => 'jig'] + self::reading()];
        $process = self::advise($list);
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        $advices = json_decode($process->getOutput(), true);
        self::assertIsArray($advices);
        self::assertSame(['spinnerbait', 'jig'], array_column($advices, 'lure'));
    }

    public function testAFaultInAListNamesWhichReadingItIsIn(): void
    {
        $process = self::advise([self::reading(), ['tint' => 'plaid'] + self::reading()]);
        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertMatchesRegularExpression('/\b1\b.*tint/', $process->getErrorOutput());
    }

    /** @param list<array<string, mixed>> $readings */
    private static function advise(array $readings): Process
    {
        $process = new Process(
            ['php', 'bin/console', 'kontrast:advise', '-'],
            __DIR__.'/../..',
            ['APP_ENV' => 'test'],
            (string) json_encode($readings),
        );
        $process->run();

        return $process;
    }
}
