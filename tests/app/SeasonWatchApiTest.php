<?php

declare(strict_types=1);

namespace Tests\app;

use App\UseCase\Shell\FirstView;

/** The year of a water by its temperatures, and what of it is news on the first screen. */
final class SeasonWatchApiTest extends ApiTestCase
{
    public function testTemperaturesOfReadingsAndOutingsMakeTheYearOfAWater(): void
    {
        $water = self::textAt($this->send('POST', '/api/waters', Samples::water()), 'id');
        $year = (new \DateTimeImmutable())->modify('-10 months')->format('Y');
        foreach (["$year-03-01" => 38, "$year-03-03" => 43, "$year-04-11" => 50] as $date => $warmth) {
            $this->send('POST', '/api/readings', [
                'reading' => ['surface_f' => $warmth] + Samples::reading(), 'taken_at' => "{$date}T12:00:00+00:00", 'water_id' => $water,
            ]);
        }
        $at = "$year-05-18T12:00:00+00:00";
        $this->send('POST', '/api/outings', ['started_at' => $at, 'ended_at' => $at, 'water_id' => $water, 'stints' => [
            ['started_at' => $at, 'ended_at' => $at, 'build' => Samples::build(), 'reading' => ['surface_f' => 61] + Samples::reading()],
        ]]);
        self::assertSame(201, $this->answered());
        $season = $this->send('GET', '/api/logbook/season');
        self::assertIsArray($season);
        self::assertCount(1, $season);
        self::assertIsArray($season[0]);
        self::assertIsArray($season[0]['days']);
        self::assertSame([38, 43, 50, 61], array_column($season[0]['days'], 'surface_f'));
        self::assertIsArray($season[0]['moments']);
        self::assertSame(['quick_rise', 'first_fifty', 'low_sixties'], array_column($season[0]['moments'], 'moment'));
    }

    public function testAWaterWithoutTemperaturesHasNoYear(): void
    {
        $this->send('POST', '/api/waters', Samples::water());
        self::assertSame([], $this->send('GET', '/api/logbook/season'));
    }

    public function testAnOpenOutingIsNewsUntilItEnds(): void
    {
        self::assertFalse($this->hasNews());
        $at = (new \DateTimeImmutable('-2 hours'))->format(\DateTimeInterface::ATOM);
        $id = self::textAt($this->send('POST', '/api/outings', ['started_at' => $at]), 'id');
        self::assertTrue($this->hasNews());
        $this->send('POST', "/api/outings/$id/end", ['ended_at' => (new \DateTimeImmutable('-1 hour'))->format(\DateTimeInterface::ATOM)]);
        self::assertFalse($this->hasNews());
    }

    private function hasNews(): bool
    {
        $first = self::getContainer()->get(FirstView::class);
        self::assertInstanceOf(FirstView::class, $first);

        return $first->show()['news'];
    }
}
