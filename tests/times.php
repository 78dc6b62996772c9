<?php

declare(strict_types=1);

/*
 * A table of the suites that ran: how many tests each had and how long it took, and the ten tests that took longest.
 *
 *     php tests/times.php FOLDER     with `seconds` in it, and a JUnit report for each suite that has tests
 */
const SLOWEST = 10;
$folder = $argv[1] ?? 'var/tests';
$slow = [];
printf("\n%-10s %6s %8s\n", 'suite', 'tests', 'seconds');
foreach ((array) file("$folder/seconds", \FILE_IGNORE_NEW_LINES) as $line) {
    [$suite, $seconds] = explode(' ', (string) $line);
    $report = is_file("$folder/$suite.xml") ? simplexml_load_file("$folder/$suite.xml") : false;
    $cases = (array) (false === $report ? [] : $report->xpath('//testcase'));
    foreach ($cases as $case) {
        $slow[] = [(float) ($case['time'] ?? 0), $suite, ($case['classname'] ?? '').': '.($case['name'] ?? '')];
    }
    printf("%-10s %6s %8d\n", $suite, [] === $cases ? '' : count($cases), $seconds);
}
rsort($slow);
echo "\nThe ten that took longest, seconds\n";
foreach (array_slice($slow, 0, SLOWEST) as [$seconds, $suite, $name]) {
    printf("%6.1f  %s %s\n", $seconds, $suite, mb_strimwidth($name, 0, 110, '…'));
}
// The suites before have ended the run where one of their tests failed.
printf("\n%d passed, 0 failed\n", count($slow));
