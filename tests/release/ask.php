<?php

declare(strict_types=1);

/**
 * Asks a program on this machine, from a system that has PHP alone: ask.php METHOD PATH [JSON]. Prints the answer; ends with 1 where it is
 * no success. "ask.php wait" waits until it answers, and prints after how many seconds it did.
 */
$ask = static function (string $method, string $path, ?string $body = null): array {
    $context = stream_context_create(['http' => [
        'method' => $method, 'ignore_errors' => true, 'timeout' => 30,
        'header' => 'Content-Type: application/json', 'content' => (string) $body,
    ]]);
    $answer = @file_get_contents('http://127.0.0.1:8421'.$path, false, $context);
    preg_match('/ (\d+)/', $http_response_header[0] ?? '', $m);

    return [(int) ($m[1] ?? 0), (string) $answer];
};
if ('wait' === ($argv[1] ?? '')) {
    $begun = hrtime(true);
    while (200 !== $ask('GET', '/')[0]) {
        if (hrtime(true) - $begun > 60e9) {
            exit(1);
        }
        usleep(20_000);
    }
    printf("%.2f\n", (hrtime(true) - $begun) / 1e9);
    exit;
}
[$status, $answer] = $ask($argv[1], $argv[2], $argv[3] ?? null);
echo $answer, "\n";
exit($status >= 200 && $status < 300 ? 0 : 1);
