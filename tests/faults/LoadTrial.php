<?php

declare(strict_types=1);

namespace Tests\faults;

use Symfony\Component\Process\Process;
use Tests\app\Samples;
use Tests\app\ServedProgram;

/** Several clients at once, each reading and writing as fast as it is answered. */
final class LoadTrial
{
    /** @var array<int, int> answers by status */
    public array $statuses = [];
    /** @var list<float> ms, sorted */
    private array $latencies = [];

    public static function run(ServedProgram $program, int $clients, float $seconds): self
    {
        $program->ask(
            'POST',
            '/api/parts',
            [['count' => 100_000] + Samples::head(), ['count' => 100_000] + Samples::skirt(), ['count' => 100_000] + Samples::craw()],
        );
        $processes = [];
        for ($i = 0; $i < $clients; ++$i) {
            $process = new Process(['php', __DIR__.'/client', (string) $program->port, (string) $seconds, (string) $i]);
            $process->setTimeout($seconds + 60);
            $process->start();
            $processes[] = $process;
        }
        $trial = new self();
        foreach ($processes as $process) {
            $process->wait();
            foreach (explode("\n", trim($process->getOutput())) as $line) {
                [$status, $ms] = [...explode(' ', $line), '0'];
                $trial->statuses[(int) $status] = ($trial->statuses[(int) $status] ?? 0) + 1;
                $trial->latencies[] = (float) $ms;
            }
        }
        sort($trial->latencies);
        ksort($trial->statuses);

        return $trial;
    }

    public function answers(): int
    {
        return array_sum($this->statuses);
    }

    /** Answers of the program's own failing, and requests that were not answered at all. */
    public function failures(): int
    {
        return array_sum(
            array_filter($this->statuses, static fn (int $status): bool => $status >= 500 || $status < 100, \ARRAY_FILTER_USE_KEY),
        );
    }

    /** @return float ms under which this share of the answers came */
    public function under(float $share): float
    {
        return $this->latencies[max(0, (int) ceil($share * \count($this->latencies)) - 1)] ?? 0.0;
    }
}
