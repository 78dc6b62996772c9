<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\InvalidDocument;
use App\Contract\Trip\ForecastDocument;
use App\Contract\Trip\ForecastHourDocument;
use App\Contract\Trip\ForecastRequestDocument;
use App\Contract\Trip\SkyChanceDocument;
use App\Device\ForecastService;
use App\Device\NoDevice;
use Kontrast\Reading\Sky;
use Kontrast\Reading\Wind;

/** Asks the forecast service for a day, and turns its hours into what a trip takes: hours of the same chances as one. */
final readonly class AskForecast
{
    public function __construct(private ForecastService $service)
    {
    }

    /**
     * @throws NoDevice        where the service does not answer, or not as it should
     * @throws InvalidDocument where there is no such place or date
     */
    public function ask(ForecastRequestDocument $request): ForecastDocument
    {
        $request->place->toPlace('place');
        $hours = $this->service->ask($request->place->latitude, $request->place->longitude, $request->day());
        $sky = [];
        $from = 0;
        foreach ($hours as $hour => $one) {
            $to = $hour + 1;
            if (isset($hours[$to]) && $hours[$to]['sky'] === $one['sky']) {
                continue;
            }
            foreach ($one['sky'] as $word => $chance) {
                $sky[] = new SkyChanceDocument("$from:00", "$to:00", Sky::from($word), round($chance, 3));
            }
            $from = $to;
        }

        return new ForecastDocument($sky, array_map(static function (array $hour, int $at): ForecastHourDocument {
            arsort($hour['wind']);

            return new ForecastHourDocument(
                $at,
                Wind::from((string) array_key_first($hour['wind'])),
                $hour['air_f']['low'],
                $hour['air_f']['likely'],
                $hour['air_f']['high'],
            );
        }, $hours, array_keys($hours)));
    }
}
