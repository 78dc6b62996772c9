<?php

declare(strict_types=1);

namespace Tests\app;

/** The logbook votes where it was chosen to, is shown like any other rule, and is silent again when that is taken back. */
final class LogSayTest extends ApiTestCase
{
    public function testTheLogVotesWhereItWasChosenToAndIsShownAndTakenBack(): void
    {
        $this->fishASeason();
        self::assertSame([], $this->logRules());
        $settings = $this->send('GET', '/api/settings');
        self::assertIsArray($settings);
        $this->send('PUT', '/api/settings', ['log_says' => ['wood']] + $settings);
        self::assertSame(204, $this->answered());
        $this->restart();
        $rules = $this->logRules();
        self::assertNotSame([], $rules);
        self::assertIsArray($rules[0]);
        self::assertSame('noted', $rules[0]['rank']);
        self::assertStringStartsWith('Your log: knock got', self::textAt($rules[0], 'because'));
        $reading = ['lure' => 'bladed_jig', 'cover' => 'wood', 'surface_f' => 68] + Samples::reading();
        $explained = $this->send('POST', '/api/explain', ['reading' => $reading, 'pick' => 'head.weight_oz']);
        self::assertStringContainsString('log.', json_encode($explained, \JSON_THROW_ON_ERROR));
        $this->send('PUT', '/api/settings', ['log_says' => []] + $settings);
        $this->restart();
        self::assertSame([], $this->logRules());
    }

    public function testAQuestionThatIsNoneIsRefused(): void
    {
        $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'paper', 'log_says' => ['weather']]);
        self::assertSame(422, $this->answered());
        self::assertSame(['log_says[0]'], array_keys($this->faults()));
    }

    /** Forty hours in wood with a bladed jig, in which there is no end of bites, and forty with a jig, in which there are few. */
    private function fishASeason(): void
    {
        $bladed = ['lure' => 'bladed_jig', 'head' => ['lures' => ['bladed_jig']] + Samples::head(), 'rear' => [
            'kind' => 'blade', 'name' => 'gold blade', 'metal' => 'gold', 'shape' => 'bladed_jig', 'number' => 3,
        ]] + Samples::build();
        for ($day = 1; $day <= 10; ++$day) {
            $at = static fn (int $hour, int $minute = 0): string => \sprintf('2026-06-%02dT%02d:%02d:00+00:00', $day, $hour, $minute);
            $events = [];
            for ($i = 0; $i < 24; ++$i) {
                $events[] = ['at' => $at(8 + intdiv($i, 6), 10 * ($i % 6)), 'kind' => 'bite'];
            }
            $stint = static fn (int $hour, array $build, array $events): array => [
                'started_at' => $at($hour), 'ended_at' => $at($hour + 4), 'build' => $build,
                'reading' => ['cover' => 'wood'] + Samples::reading(), 'events' => $events,
            ];
            $this->send('POST', '/api/outings', ['started_at' => $at(8), 'ended_at' => $at(16), 'stints' => [
                $stint(8, $bladed, $events), $stint(12, Samples::build(), [['at' => $at(13), 'kind' => 'bite']]),
            ]]);
            self::assertSame(201, $this->answered(), $this->said());
        }
    }

    /** The rulebook is made once a program run, as it is once a request when served. */
    private function restart(): void
    {
        self::ensureKernelShutdown();
        $this->browser = self::createClient([], ['HTTP_HOST' => 'localhost']);
    }

    /** @return list<mixed> */
    private function logRules(): array
    {
        $rules = $this->send('GET', '/api/rules');
        self::assertIsArray($rules);

        return array_values(array_filter(
            $rules,
            static fn (mixed $rule): bool => \is_array($rule) && \is_string($rule['id']) && str_starts_with($rule['id'], 'log.'),
        ));
    }
}
