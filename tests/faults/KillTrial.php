<?php

declare(strict_types=1);

namespace Tests\faults;

use Random\Randomizer;
use Symfony\Component\Process\Process;
use Tests\app\ServedProgram;

/**
 * Kills the whole program at any moment while it writes, starts it again and looks: whatever was acknowledged has to be there, an import
 * has
 * to be there whole or not at all, and the database has to be sound.
 */
final class KillTrial
{
    private const LINES = 400;

    public int $kills = 0;
    public int $restarts = 0;
    public int $acknowledged = 0;
    public int $lost = 0;
    public int $halfDone = 0;
    public int $damaged = 0;

    public static function run(ServedProgram $program, int $kills, Randomizer $dice): self
    {
        $trial = new self();
        $known = ['readings' => [], 'parts' => []];
        for ($i = 0; $i < $kills; ++$i) {
            $program->start();
            $writers = array_map(static function (int $which) use ($program, $i): Process {
                $process = new Process(['php', __DIR__.'/writer', (string) $program->port, "$i-$which", (string) self::LINES]);
                $process->start();

                return $process;
            }, [1, 2]);
            usleep($dice->getInt(200_000, 1_200_000));
            $program->kill();
            ++$trial->kills;
            foreach ($writers as $writer) {
                $writer->wait();
                foreach (explode("\n", trim($writer->getOutput())) as $line) {
                    [$kind, $id] = [...explode(' ', $line, 2), ''];
                    if (isset($known[$kind])) {
                        $known[$kind][] = $id;
                        ++$trial->acknowledged;
                    }
                }
            }
            $trial->look($program, $known);
        }

        return $trial;
    }

    /** @param array{readings: list<string>, parts: list<string>} $known */
    private function look(ServedProgram $program, array $known): void
    {
        $program->start();
        ++$this->restarts;
        $database = new \PDO('sqlite:'.$program->database());
        $column = static function (string $sql) use ($database): array {
            $answer = $database->query($sql);

            return false === $answer ? throw new \LogicException($sql) : array_map(
                static fn (mixed $value): string => \is_scalar($value) ? (string) $value : '',
                $answer->fetchAll(\PDO::FETCH_COLUMN),
            );
        };
        $this->lost += \count(array_diff($known['readings'], $column('SELECT note FROM saved_reading')));
        $imported = array_count_values(array_map(
            static fn (string $name): string => explode(' ', $name)[1],
            $column("SELECT name FROM inventory_part WHERE name LIKE 'Import %'"),
        ));
        foreach ($imported as $lines) {
            $this->halfDone += self::LINES === $lines ? 0 : 1;
        }
        $this->lost += \count(array_diff($known['parts'], array_map(strval(...), array_keys($imported))));
        $this->damaged += ['ok'] === $column('PRAGMA integrity_check') && [] === $column('PRAGMA foreign_key_check') ? 0 : 1;
        [$status] = $program->ask('GET', '/api/parts?limit=1');
        $this->damaged += 200 === $status ? 0 : 1;
        $program->kill();
    }
}
