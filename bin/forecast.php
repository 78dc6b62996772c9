<?php

declare(strict_types=1);

/** The simulated forecast service, run by PHP's own server: see docs/services.md. */

use App\Device\SimulatedForecast;

require __DIR__.'/../vendor/autoload.php';

$say = static function (int $status, array $answer): void {
    http_response_code($status);
    header('Content-Type: application/json');
    echo json_encode($answer, \JSON_THROW_ON_ERROR), "\n";
};

$address = $_SERVER['REQUEST_URI'] ?? null;
if ('/forecast' !== parse_url(is_string($address) ? $address : '', \PHP_URL_PATH)) {
    $say(404, ['error' => 'Ask for /forecast?latitude=46.2&longitude=-90.6&date=2026-05-09.']);

    return;
}
$number = static fn (string $name): ?float => is_numeric($_GET[$name] ?? null) ? (float) $_GET[$name] : null;
$date = \DateTimeImmutable::createFromFormat('!Y-m-d', is_string($_GET['date'] ?? null) ? $_GET['date'] : '');
[$latitude, $longitude] = [$number('latitude'), $number('longitude')];
if (null === $latitude || abs($latitude) > 90 || null === $longitude || abs($longitude) > 180 || false === $date) {
    $say(400, ['error' => 'latitude (-90 to 90), longitude (-180 to 180) and date (2026-05-09) are needed.']);

    return;
}
$say(200, SimulatedForecast::forecast($latitude, $longitude, $date));
