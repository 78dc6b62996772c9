<?php

declare(strict_types=1);

/*
 * Copies one SQLite database over another, as one step for whoever has either of them open.
 *
 *     php tests/e2e/database.php FROM TO
 */
[, $from, $to] = $argv;
$source = new SQLite3($from, \SQLITE3_OPEN_READONLY);
$target = new SQLite3($to);
foreach ([$source, $target] as $database) {
    $database->busyTimeout(10_000);
}
if (!$source->backup($target)) {
    fwrite(\STDERR, $target->lastErrorMsg()."\n");
    exit(1);
}
