<?php

declare(strict_types=1);

namespace Tests\mutation;

use SebastianBergmann\CodeCoverage\CodeCoverage;

/**
 * Which tests of the core touch which file, and which line of it.
 *
 * @phpstan-type Map array{times: array<string, float>, lines: array<string, array<int, list<string>>>}
 */
final readonly class TestMap
{
    /** @param Map $map tests as Class::method */
    private function __construct(private array $map)
    {
    }

    /** @param string $root of the project */
    public static function of(string $root): self
    {
        $folder = "$root/var/mutation";
        $state = md5(implode('', array_map(static fn (string $file): string => (string) md5_file($file), self::files($root))));
        $kept = "$folder/$state.json";
        if (!is_file($kept)) {
            fwrite(\STDERR, "Finding which test touches what…\n");
            exec('rm -rf '.escapeshellarg($folder).' && mkdir -p '.escapeshellarg($folder));
            $command = 'cd '.escapeshellarg($root).' && PHP_INI_SCAN_DIR=:config/php php -d extension=pcov '
                .'-d pcov.enabled=1 -d pcov.directory=core -d opcache.enable_cli=0 -d memory_limit=8G vendor/bin/phpunit '
                .'--testsuite core --coverage-filter core '
                ."--coverage-php $folder/coverage.php --log-junit $folder/times.xml > $folder/log 2>&1";
            exec($command, result_code: $status);
            if (0 !== $status) {
                throw new \RuntimeException("The tests of the core do not pass with pcov: $folder/log says why.");
            }
            file_put_contents($kept, json_encode(self::read($folder, $root), \JSON_THROW_ON_ERROR));
        }
        /** @var Map $map */
        $map = json_decode((string) file_get_contents($kept), true, 16, \JSON_THROW_ON_ERROR);

        return new self($map);
    }

    /**
     * @return list<string> the tests to run for a change of this line, the quickest first: those of the line, else those of the file; all
     *                      where nothing of the file is run, as in one that holds a table alone
     */
    public function tests(string $file, int $line): array
    {
        $lines = $this->map['lines'][$file] ?? [];
        $tests = $lines[$line] ?? array_values(array_unique(array_merge(...array_values($lines))));
        $tests = [] === $tests ? array_keys($this->map['times']) : $tests;
        usort($tests, fn (string $a, string $b): int => $this->seconds($a) <=> $this->seconds($b));

        return $tests;
    }

    public function seconds(string $test): float
    {
        return $this->map['times'][$test] ?? 0.0;
    }

    /** @return Map */
    private static function read(string $folder, string $root): array
    {
        /** @var CodeCoverage $coverage */
        $coverage = require "$folder/coverage.php";
        /** @var array<string, array<int, list<string>|null>> $covered */
        $covered = $coverage->getData()->lineCoverage();
        $lines = [];
        foreach ($covered as $file => $ofFile) {
            foreach ($ofFile as $line => $tests) {
                $names = array_map(static fn (string $test): string => preg_replace('/#.*$/', '', $test) ?? '', $tests ?? []);
                if ([] !== $names) {
                    $lines[substr($file, \strlen("$root/core/"))][$line] = array_values(array_unique($names));
                }
            }
        }
        $times = [];
        $report = simplexml_load_file("$folder/times.xml");
        foreach ((array) (false === $report ? [] : $report->xpath('//testcase')) as $case) {
            $name = $case['class'].'::'.preg_replace('/ with data set.*$/s', '', (string) $case['name']);
            $times[$name] = ($times[$name] ?? 0.0) + (float) $case['time'];
        }

        return ['times' => $times, 'lines' => $lines];
    }

    /** @return list<string> */
    private static function files(string $root): array
    {
        $files = [];
        foreach (['core', 'tests/core'] as $folder) {
            $all = new \RecursiveDirectoryIterator("$root/$folder", \FilesystemIterator::SKIP_DOTS);
            /** @var \SplFileInfo $file */
            foreach (new \RecursiveIteratorIterator($all) as $file) {
                $files[] = $file->getPathname();
            }
        }
        sort($files);

        return $files;
    }
}
