<?php

declare(strict_types=1);

namespace Tests\app;

use App\Device\ForecastService;
use App\Device\NoDevice;
use App\Device\SimulatedForecast;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\HttpClient\HttpClient;
use Symfony\Component\HttpClient\MockHttpClient;
use Symfony\Component\HttpClient\Response\MockResponse;
use Symfony\Component\Process\Process;

/** Whoever answers for the weather: a caller never waits for ever, and takes nothing that no day can be. */
final class ForecastTest extends TestCase
{
    private const DATE = '2026-05-09';

    public function testTheSimulatedWeatherIsTheSameEachTimeAndTakenByTheClient(): void
    {
        $date = new \DateTimeImmutable(self::DATE);
        self::assertSame(SimulatedForecast::forecast(46.2, -90.6, $date), SimulatedForecast::forecast(46.2, -90.6, $date));
        self::assertNotSame(SimulatedForecast::forecast(46.2, -90.6, $date), SimulatedForecast::forecast(30.1, -90.6, $date));
        for ($day = 0; $day < 400; ++$day) {
            $on = $date->modify("+$day days");
            $hours = self::asked(SimulatedForecast::forecast(46.2, -90.6, $on), $on->format('Y-m-d'));
            self::assertCount(24, $hours);
            self::assertGreaterThan($hours[4]['air_f']['likely'], $hours[15]['air_f']['likely']);
        }
        $july = self::asked(SimulatedForecast::forecast(46.2, -90.6, new \DateTimeImmutable('2026-07-20')), '2026-07-20');
        $january = self::asked(SimulatedForecast::forecast(46.2, -90.6, new \DateTimeImmutable('2026-01-20')), '2026-01-20');
        self::assertGreaterThan($january[12]['air_f']['likely'] + 30, $july[12]['air_f']['likely']);
    }

    public function testItIsServedOverHttp(): void
    {
        $server = new Process(['php', '-S', '127.0.0.1:0', 'bin/forecast.php'], \dirname(__DIR__, 2));
        $server->start();
        $port = null;
        $server->waitUntil(static function (string $type, string $output) use (&$port): bool {
            if (1 !== preg_match('~http://127\.0\.0\.1:(\d+)~', $output, $m)) {
                return false;
            }
            $port = $m[1];

            return true;
        });
        try {
            $hours = (new ForecastService(HttpClient::create(), "http://127.0.0.1:$port"))->ask(46.2, -90.6, self::DATE);
            self::assertSame(self::asked(SimulatedForecast::forecast(46.2, -90.6, new \DateTimeImmutable(self::DATE)), self::DATE), $hours);
            $wrong = HttpClient::create()->request('GET', "http://127.0.0.1:$port/forecast?latitude=95&longitude=0&date=".self::DATE);
            self::assertSame(400, $wrong->getStatusCode());
        } finally {
            $server->stop(0);
        }
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('lies')]
    public function testAForecastThatCannotBeIsRefused(array $change, string $says): void
    {
        $this->expectException(NoDevice::class);
        $this->expectExceptionMessage($says);
        self::asked($change + SimulatedForecast::forecast(46.2, -90.6, new \DateTimeImmutable(self::DATE)), self::DATE);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function lies(): iterable
    {
        $hour = ['hour' => 0, 'sky' => [['sky' => 'sun', 'chance' => 1]], 'wind' => [['wind' => 'calm', 'chance' => 1]]]
            + ['air_f' => ['low' => 40, 'likely' => 44, 'high' => 48]];
        yield 'another format' => [['kontrast_forecast' => 2], 'not a forecast of version 1'];
        yield 'another day' => [['date' => '2026-05-10'], 'answered for another day'];
        yield 'half a day' => [['hours' => array_fill(0, 12, $hour)], 'does not have 24 hours'];
        yield 'not a list' => [['hours' => 'sunny'], 'does not have 24 hours'];
        yield 'a sky nobody knows' => [
            ['hours' => array_fill(0, 24, ['sky' => [['sky' => 'frogs', 'chance' => 1]]] + $hour)], 'its sky at 0:00 makes no sense',
        ];
        yield 'chances that do not add up' => [
            ['hours' => array_fill(0, 24, ['sky' => [['sky' => 'sun', 'chance' => 0.5]]] + $hour)], 'add up to 50 %',
        ];
        yield 'boiling air' => [
            ['hours' => array_fill(0, 24, ['air_f' => ['low' => 40, 'likely' => 240, 'high' => 48]] + $hour)], 'air temperature at 0:00',
        ];
    }

    public function testAnAnswerThatIsNoForecastIsRefused(): void
    {
        foreach ([new MockResponse('<html>'), new MockResponse('oops', ['http_code' => 500]), new MockResponse('"sunny"')] as $answer) {
            try {
                (new ForecastService(new MockHttpClient($answer), 'http://127.0.0.1:1'))->ask(46.2, -90.6, self::DATE);
                self::fail('That is no forecast.');
            } catch (NoDevice $error) {
                self::assertStringContainsString('its answer is not a forecast', $error->getMessage());
            }
        }
    }

    public function testNobodyThereIsSaid(): void
    {
        $this->expectException(NoDevice::class);
        $this->expectExceptionMessage('No forecast service answers at http://127.0.0.1:1');
        (new ForecastService(HttpClient::create(), 'http://127.0.0.1:1'))->ask(46.2, -90.6, self::DATE);
    }

    public function testASilentServiceIsNotWaitedForForEver(): void
    {
        $server = stream_socket_server('tcp://127.0.0.1:0');
        self::assertNotFalse($server);
        $this->expectException(NoDevice::class);
        $this->expectExceptionMessage('takes too long to answer');
        (new ForecastService(HttpClient::create(), 'http://'.stream_socket_get_name($server, false)))->ask(46.2, -90.6, self::DATE);
    }

    /**
     * @param array<string, mixed> $forecast
     *
     * @return list<array{sky: array<string, float>, wind: array<string, float>, air_f: array{low: float, likely: float, high: float}}>
     */
    private static function asked(array $forecast, string $date): array
    {
        $client = new MockHttpClient(new MockResponse(json_encode($forecast, \JSON_THROW_ON_ERROR)));

        return (new ForecastService($client, 'http://127.0.0.1:1'))->ask(46.2, -90.6, $date);
    }
}
