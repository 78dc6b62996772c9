<?php

declare(strict_types=1);

namespace Tests\app;

/** One request by PHP's own streams, which know nothing of the program. */
final class PlainHttp
{
    private const PATIENCE_S = 60;

    /**
     * @param list<string>         $headers
     * @param array<string, mixed> $tls     PHP's context options
     *
     * @return array{int, string, array<string, string>} status, body and headers by lower-case name; the status is 0 where nothing answers
     */
    public static function ask(string $method, string $url, mixed $body, array $headers, array $tls = []): array
    {
        $http_response_header = [];
        $answer = (string) @file_get_contents($url, false, self::context($method, $body, $headers, $tls));
        $received = [];
        foreach ($http_response_header as $line) {
            [$name, $value] = [...explode(':', $line, 2), ''];
            $received[strtolower($name)] = trim($value);
        }
        preg_match('~^HTTP/\S+ (\d{3})~', $http_response_header[0] ?? '', $m);

        return [(int) ($m[1] ?? 0), $answer, $received];
    }

    /**
     * @param list<string>         $headers
     * @param array<string, mixed> $tls
     *
     * @return resource
     */
    public static function context(string $method, mixed $body, array $headers, array $tls = [])
    {
        return stream_context_create([
            'http' => [
                'method' => $method,
                'header' => ['Content-Type: application/json', ...$headers],
                'content' => match (true) {
                    null === $body => '',
                    \is_string($body) => $body,
                    default => json_encode($body, \JSON_THROW_ON_ERROR),
                },
                'ignore_errors' => true,
                'follow_location' => 0,
                'timeout' => self::PATIENCE_S,
            ],
            'ssl' => $tls,
        ]);
    }
}
