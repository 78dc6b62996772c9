<?php

declare(strict_types=1);

namespace Tests\mutation;

/**
 * Tries mutations, two at a time, each in a copy of the project.
 *
 * @phpstan-import-type Mutation from Drawn
 */
final readonly class Trial
{
    private const COPIES = 2;
    /** Tests that take no longer than this, all together, are tried before the others. */
    private const QUICK_S = 3.0;

    public function __construct(private string $root, private TestMap $map)
    {
    }

    /**
     * Tries all, and prints each.
     *
     * @param list<Mutation> $mutations
     *
     * @return int how many nobody noticed
     */
    public function all(array $mutations): int
    {
        $free = [];
        for ($i = 0; $i < self::COPIES; ++$i) {
            $free[] = $copy = sys_get_temp_dir().'/kontrast-mutation-'.getmypid()."-$i";
            exec(\sprintf(
                'mkdir %2$s && cd %1$s && ln -s %1$s/node_modules %2$s'
                .' && cp -a core src tests config migrations composer.json phpunit.dist.xml docs demo bin vendor %2$s',
                escapeshellarg($this->root),
                escapeshellarg($copy),
            ));
        }
        $copies = $free;
        $survived = 0;
        $running = [];
        while ([] !== $mutations || [] !== $running) {
            while ([] !== $free && [] !== $mutations) {
                $running[] = $this->begin(array_shift($mutations), array_pop($free));
            }
            usleep(50_000);
            foreach ($running as $k => [$process, $path, $code, $told, $copy]) {
                $status = proc_get_status($process);
                if ($status['running']) {
                    continue;
                }
                file_put_contents($path, $code);
                $isNoticed = 0 !== $status['exitcode'];
                $survived += $isNoticed ? 0 : 1;
                printf("%s  %s\n", $isNoticed ? 'noticed ' : 'SURVIVED', $told);
                unset($running[$k]);
                $free[] = $copy;
            }
        }
        foreach ($copies as $copy) {
            exec('rm -rf '.escapeshellarg($copy));
        }

        return $survived;
    }

    /**
     * @param Mutation $mutation
     *
     * @return array{resource, string, string, string, string} the process, the file changed, what stood in it, what is told, the copy
     */
    private function begin(array $mutation, string $copy): array
    {
        [$file, $at, $from, $to] = $mutation;
        $path = "$copy/core/$file";
        $code = (string) file_get_contents($path);
        $line = 1 + substr_count($code, "\n", 0, $at);
        file_put_contents($path, substr_replace($code, $to, $at, \strlen($from)));
        $commands = ["php -l $path"];
        foreach ($this->batches($this->map->tests($file, $line)) as $tests) {
            $commands[] = self::phpunit($tests);
        }
        $process = proc_open(
            ['sh', '-c', implode(' && ', $commands)],
            [1 => ['file', '/dev/null', 'w'], 2 => ['file', '/dev/null', 'w']],
            $pipes,
            $copy,
        );
        \assert(\is_resource($process));
        $told = \sprintf('%s:%d  %s → %s  (%s)', $file, $line, self::short($from), '' === $to ? 'nothing' : $to, self::short(
            trim(explode("\n", $code)[$line - 1]),
        ));

        return [$process, $path, $code, $told, $copy];
    }

    /**
     * @param list<string> $tests
     *
     * @return list<list<string>> the quick ones, and each of the others by itself
     */
    private function batches(array $tests): array
    {
        $quick = [];
        $slow = [];
        $sum = 0.0;
        foreach ($tests as $test) {
            $sum += $this->map->seconds($test);
            if ($sum <= self::QUICK_S) {
                $quick[] = $test;
            } else {
                $slow[] = $test;
            }
        }

        return array_values(array_filter([$quick, $slow], static fn (array $batch): bool => [] !== $batch));
    }

    /** @param list<string> $tests Class::method */
    private static function phpunit(array $tests): string
    {
        $files = [];
        $filters = [];
        foreach ($tests as $test) {
            [$class, $method] = explode('::', $test);
            $files[str_replace('\\', '/', lcfirst($class)).'.php'] = true;
            $filters[] = preg_quote(substr((string) strrchr("\\$class", '\\'), 1)."::$method", '/');
        }

        return 'PHP_INI_SCAN_DIR=:config/php php -d memory_limit=1G vendor/bin/phpunit --stop-on-defect --no-output '
            .'--filter '.escapeshellarg('/\\b('.implode('|', $filters).')\\b/').' '
            .implode(' ', array_map(escapeshellarg(...), array_keys($files)));
    }

    private static function short(string $text): string
    {
        return mb_strimwidth(preg_replace('/\s+/', ' ', $text) ?? '', 0, 90, '…');
    }
}
