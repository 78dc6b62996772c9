<?php

declare(strict_types=1);

namespace App\Device;

use Kontrast\Reading\Sky;
use Kontrast\Reading\Wind;
use Symfony\Contracts\HttpClient\Exception\ExceptionInterface;
use Symfony\Contracts\HttpClient\Exception\TransportExceptionInterface;
use Symfony\Contracts\HttpClient\HttpClientInterface;

/** Asks a forecast service for the weather of a day: JSON over HTTP, told in docs/services.md. Nothing it says is taken on trust. */
final readonly class ForecastService
{
    private const PATIENCE_S = 3.0;
    private const MOST_S = 6.0;
    private const MOST_BYTES = 200_000;
    /** By how much the chances of an hour may miss 1. */
    private const LEEWAY = 0.02;
    private const AIR_F = [-80.0, 150.0];

    public function __construct(private HttpClientInterface $client, private string $forecastUrl)
    {
    }

    /**
     * @param float  $latitude  degrees
     * @param float  $longitude degrees
     * @param string $date      2026-05-09
     *
     * @return list<array{sky: array<string, float>, wind: array<string, float>, air_f: array{low: float, likely: float, high: float}}>
     *                          chances by word, for each of the 24 hours
     *
     * @throws NoDevice where it does not answer, or not as it should
     */
    public function ask(float $latitude, float $longitude, string $date): array
    {
        $asked = microtime(true);
        try {
            $response = $this->client->request('GET', rtrim($this->forecastUrl, '/').'/forecast', [
                'query' => ['latitude' => $latitude, 'longitude' => $longitude, 'date' => $date],
                'timeout' => self::PATIENCE_S,
                'max_duration' => self::MOST_S,
                'max_redirects' => 0,
                'buffer' => true,
                'on_progress' => static function (int $bytes): void {
                    if ($bytes > self::MOST_BYTES) {
                        throw new \OverflowException('Far too long for a forecast.');
                    }
                },
            ]);
            $answer = $response->toArray();
        } catch (TransportExceptionInterface) {
            // A client without cURL says the same of a silent service as of a missing one.
            throw microtime(true) - $asked >= self::PATIENCE_S ? NoDevice::slowForecast() : NoDevice::noForecast($this->forecastUrl);
        } catch (ExceptionInterface) {
            throw NoDevice::strangeForecast('its answer is not a forecast');
        }

        return self::checked($answer, $date);
    }

    /**
     * @param array<mixed> $answer
     *
     * @return list<array{sky: array<string, float>, wind: array<string, float>, air_f: array{low: float, likely: float, high: float}}>
     */
    private static function checked(array $answer, string $date): array
    {
        if (SimulatedForecast::VERSION !== ($answer['kontrast_forecast'] ?? null)) {
            throw NoDevice::strangeForecast('its answer is not a forecast of version '.SimulatedForecast::VERSION);
        }
        if ($date !== ($answer['date'] ?? null)) {
            throw NoDevice::strangeForecast('it answered for another day');
        }
        $hours = $answer['hours'] ?? null;
        if (!\is_array($hours) || !array_is_list($hours) || SimulatedForecast::HOURS !== \count($hours)) {
            throw NoDevice::strangeForecast('it does not have 24 hours');
        }
        $isSky = static fn (string $word): bool => null !== Sky::tryFrom($word);
        $isWind = static fn (string $word): bool => null !== Wind::tryFrom($word);
        $checked = [];
        foreach ($hours as $hour => $one) {
            $one = \is_array($one) ? $one : [];
            $air = \is_array($one['air_f'] ?? null) ? $one['air_f'] : [];
            $checked[] = [
                'sky' => self::chances($one['sky'] ?? null, 'sky', $hour, $isSky),
                'wind' => self::chances($one['wind'] ?? null, 'wind', $hour, $isWind),
                'air_f' => [
                    'low' => self::air($air['low'] ?? null, $hour),
                    'likely' => self::air($air['likely'] ?? null, $hour),
                    'high' => self::air($air['high'] ?? null, $hour),
                ],
            ];
        }

        return $checked;
    }

    /**
     * @param \Closure(string): bool $isKnown
     *
     * @return array<string, float>
     */
    private static function chances(mixed $list, string $what, int $hour, \Closure $isKnown): array
    {
        $chances = [];
        foreach (\is_array($list) ? $list : [] as $one) {
            $word = \is_array($one) ? $one[$what] ?? null : null;
            $chance = \is_array($one) ? $one['chance'] ?? null : null;
            if (!\is_string($word) || !$isKnown($word) || (!\is_float($chance) && !\is_int($chance)) || $chance < 0 || $chance > 1) {
                throw NoDevice::strangeForecast("its $what at $hour:00 makes no sense");
            }
            $chances[$word] = ($chances[$word] ?? 0.0) + $chance;
        }
        $sum = array_sum($chances);
        if (abs($sum - 1) > self::LEEWAY) {
            throw NoDevice::strangeForecast(\sprintf('its chances of %s at %d:00 add up to %d %%', $what, $hour, round(100 * $sum)));
        }

        return array_map(static fn (float $chance): float => $chance / $sum, $chances);
    }

    private static function air(mixed $degrees, int $hour): float
    {
        if ((!\is_float($degrees) && !\is_int($degrees)) || $degrees < self::AIR_F[0] || $degrees > self::AIR_F[1]) {
            throw NoDevice::strangeForecast("its air temperature at $hour:00 is impossible");
        }

        return (float) $degrees;
    }
}
