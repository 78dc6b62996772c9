<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\TestWith;

/** What is stored of a water is what somebody saw there and then; what an advice takes for granted beside it counts for nothing. */
final class ObservedTest extends OutingTestCase
{
    public function testAStintHoldsOnlyWhatWasSeenAndSaysWhatAnAdviceAssumed(): void
    {
        $this->begin();
        $seen = ['sky' => 'overcast', 'bank' => 'point', 'visibility_in' => null];
        $assumed = ['visibility_in', 'tint', 'cover'];
        $this->send('PUT', self::stintPath(), ['reading' => $seen, 'assumed' => $assumed] + self::stint('09:10'));
        self::assertSame(200, $this->answered(), $this->content());
        $stint = self::listAt($this->send('GET', '/api/outings/'.self::OUTING), 'stints', 0);
        Schema::assertValid('outing', $this->content());
        self::assertSame(['sky' => 'overcast', 'bank' => 'point'], $stint['reading']);
        self::assertSame([true, $assumed], [$stint['confirmed'], $stint['assumed']]);
    }

    public function testAReadingMayBeLeftOut(): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), array_diff_key(self::stint('09:10'), ['reading' => 0]));
        self::assertSame(200, $this->answered(), $this->content());
        self::assertSame([], self::listAt($this->send('GET', '/api/outings/'.self::OUTING), 'stints', 0, 'reading'));
    }

    /** @param array<string, mixed> $change */
    #[TestWith([['reading' => ['visibility_in' => -1]], 'reading.visibility_in'])]
    #[TestWith([['reading' => ['tint' => 'mauve']], 'reading.tint'])]
    #[TestWith([['reading' => ['bank' => 'river']], 'reading.bank'])]
    #[TestWith([['assumed' => ['depth']], 'assumed[0]'])]
    #[TestWith([['assumed' => ['tint', 'tint']], 'assumed'])]
    #[TestWith([['confirmed' => 'yes'], 'confirmed'])]
    public function testWhatIsNoReadingIsRefusedByItsField(array $change, string $field): void
    {
        $this->begin();
        $this->send('PUT', self::stintPath(), $change + self::stint('09:10'));
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey($field, $this->faults());
    }

    public function testWhatNobodySawIsCountedUnderNothing(): void
    {
        foreach ([Samples::reading(), ['sky' => 'sun', 'bank' => 'point']] as $i => $reading) {
            $at = static fn (string $time): string => '2026-05-0'.(8 + $i)."T$time:00+00:00";
            $this->send('POST', '/api/outings', ['started_at' => $at('09:00'), 'ended_at' => $at('11:00'), 'stints' => [
                [
                    'started_at' => $at('09:00'), 'ended_at' => $at('11:00'), 'build' => Samples::build(), 'reading' => $reading,
                    'events' => [['at' => $at('10:10'), 'kind' => 'bite'], ['at' => $at('10:20'), 'kind' => 'bite']],
                ],
            ]]);
            self::assertSame(201, $this->answered(), $this->content());
        }
        $analysis = $this->send('GET', '/api/logbook/analysis');
        self::assertIsArray($analysis);
        self::assertEquals([4, 4], [$analysis['hours'], $analysis['events']]);
        $rates = self::listAt($analysis, 'rates');
        $hours = static fn (string $factor): float => array_sum(array_column(array_filter(
            $rates,
            static fn (mixed $one): bool => \is_array($one) && $factor === $one['factor'],
        ), 'hours'));
        self::assertEquals([4, 2, 2, 4, 2], array_map($hours, ['skirt', 'clarity', 'tint', 'sky', 'bank']));
    }

    public function testTheSeasonShowsWhatWasMeasured(): void
    {
        $water = self::textAt($this->send('POST', '/api/waters', Samples::water()), 'id');
        foreach ([['2026-05-08', 58, false], ['2026-05-09', 61, true]] as [$day, $warmth, $confirmed]) {
            $at = "{$day}T09:00:00+00:00";
            $this->send('POST', '/api/outings', ['started_at' => $at, 'ended_at' => $at, 'water_id' => $water, 'stints' => [[
                'started_at' => $at, 'ended_at' => $at, 'build' => Samples::build(), 'confirmed' => $confirmed,
                'reading' => ['surface_f' => $warmth] + Samples::reading(),
            ]]]);
            self::assertSame(201, $this->answered(), $this->content());
        }
        $days = self::listAt($this->send('GET', '/api/logbook/season'), 0, 'days');
        self::assertEquals([61], array_column($days, 'surface_f'));
    }

    /** Nine in the evening by the clock of the water is another day already by that of the server. */
    public function testATemperatureIsOfTheDayItWasAtTheWater(): void
    {
        $place = ['latitude' => 44.0, 'longitude' => -89.0, 'time_zone' => 'America/Chicago'];
        $water = self::textAt($this->send('POST', '/api/waters', ['place' => $place] + Samples::water()), 'id');
        $taken = ['2026-05-10T02:00:00+00:00' => 60, '2026-05-09T20:00:00+00:00' => 64, '2026-05-10T15:00:00+00:00' => 66];
        foreach ($taken as $at => $warmth) {
            $reading = ['surface_f' => $warmth] + Samples::reading();
            $this->send('POST', '/api/readings', ['reading' => $reading, 'taken_at' => $at, 'water_id' => $water]);
        }
        $days = self::listAt($this->send('GET', '/api/logbook/season'), 0, 'days');
        self::assertEquals(['2026-05-09' => 62, '2026-05-10' => 66], array_column($days, 'surface_f', 'date'));
    }

    public function testWhatIsUsualAtAWaterIsWhatWasLastSeenThereElseWhatItSaysOfItself(): void
    {
        $water = self::textAt($this->send('POST', '/api/waters', [
            'place' => ['latitude' => 44.0, 'longitude' => -89.0, 'time_zone' => 'America/Chicago'],
        ] + Samples::water()), 'id');
        $usual = fn (): array => self::listAt($this->send('GET', '/api/logbook/usual'), 0);
        $before = $usual();
        self::assertSame([$water, null, null], [$before['water_id'], $before['seen_at'], $before['seen']]);
        self::assertSame(['tannic', 'bluegill'], [self::textAt($before, 'reading', 'tint'), self::textAt($before, 'reading', 'forage')]);

        $at = '2026-05-08T09:00:00+00:00';
        $stint = ['started_at' => $at, 'ended_at' => $at, 'build' => Samples::build()];
        $seen = ['visibility_in' => 14, 'tint' => 'clay', 'sky' => 'storm', 'surface_f' => 61];
        $this->send('POST', '/api/outings', ['started_at' => $at, 'ended_at' => $at, 'water_id' => $water, 'stints' => [
            $stint + ['reading' => $seen],
            $stint + ['reading' => ['visibility_in' => 90] + Samples::reading(), 'confirmed' => false],
        ]]);
        self::assertSame(201, $this->answered(), $this->content());
        $after = $usual();
        self::assertEquals($seen, self::listAt($after, 'seen'));
        self::assertSame($at, $after['seen_at']);
        $reading = self::listAt($after, 'reading');
        self::assertEquals([14, 'clay', 'bluegill'], [$reading['visibility_in'], $reading['tint'], $reading['forage']]);
        self::assertSame('broken', $reading['sky'], 'The sky of another day is nobody’s guess.');
        self::assertArrayNotHasKey('surface_f', $reading);
        // An advice can be had for it as it is.
        $this->send('POST', '/api/advice', $reading);
        self::assertSame(200, $this->answered(), $this->content());
        self::assertNull(self::listAt($this->send('GET', '/api/logbook/usual'), 1)['water_id'], 'The last is of no named water.');
    }

    public function testAfterFiveDaysAWaterHasItsOwnLowUsualAndHigh(): void
    {
        $water = self::textAt($this->send('POST', '/api/waters', Samples::water()), 'id');
        $own = fn (): array => array_column($this->send('GET', '/api/logbook/sights') ?? [], 'sight_in', 'water_id');
        foreach ([1 => 10, 2 => 30, 3 => 20, 4 => 40] as $day => $inches) {
            $at = "2026-05-0{$day}T09:00:00Z";
            $stint = ['started_at' => $at, 'ended_at' => $at, 'build' => Samples::build()];
            $this->send('POST', '/api/outings', ['started_at' => $at, 'ended_at' => $at, 'water_id' => $water, 'stints' => [
                $stint + ['reading' => ['visibility_in' => $inches]],
                // One that nobody confirmed counts for nothing.
                $stint + ['reading' => ['visibility_in' => 200] + Samples::reading(), 'confirmed' => false],
            ]]);
        }
        self::assertSame([], $own(), 'Four days are too few.');
        $this->send('POST', '/api/readings', ['taken_at' => '2026-05-05T09:00:00Z', 'water_id' => $water,
            'reading' => ['visibility_in' => 50] + Samples::reading()]);
        self::assertSame(201, $this->answered(), $this->content());
        self::assertEquals([$water => [14, 30, 46]], $own());
    }

    public function testWhatIsFishedInAWaterIsNothingNewToItsFish(): void
    {
        $water = self::textAt($this->send('POST', '/api/waters', Samples::water()), 'id');
        $here = ['reading' => ['lure' => 'jig', 'forage' => 'bluegill'] + Samples::reading(), 'water_id' => $water];
        $first = $this->send('POST', '/api/advice/different', $here);
        self::assertSame(200, $this->answered(), $this->content());
        self::assertSame(0, self::listAt($first)['fished']);
        $build = self::listAt($first, 'build');
        self::assertNotSame([], self::listAt($first, 'changes'));

        // The lure that it shows, in parts of its colors.
        $parts = ['lure' => 'jig', 'head' => Samples::head()]
            + ['skirt' => ['colour' => self::textAt($build, 'skirt', 'base')] + Samples::skirt()]
            + ['trailer' => array_intersect_key(self::listAt($build, 'trailer'), ['style' => 0]) + [
                'colour' => self::textAt($build, 'trailer', 'base'),
            ] + Samples::craw()];
        $at = '2026-05-08T09:00:00Z';
        $stint = ['started_at' => $at, 'ended_at' => $at, 'reading' => new \stdClass(), 'build' => $parts];
        $this->send('POST', '/api/outings', ['started_at' => $at, 'ended_at' => $at, 'water_id' => $water, 'stints' => [$stint]]);
        self::assertSame(201, $this->answered(), $this->content());
        $second = $this->send('POST', '/api/advice/different', $here);
        self::assertSame(1, self::listAt($second)['fished']);
        self::assertNotEquals($build, self::listAt($second)['build']);
        $elsewhere = $this->send('POST', '/api/advice/different', ['water_id' => null] + $here);
        self::assertEquals($build, self::listAt($elsewhere, 'build'), 'Another water has not seen it.');
    }

    /** A file of an older program says no shapes and nothing of it; one of today says its shapes. */
    public function testTheWaterOfAnOlderFileIsNotConfirmed(): void
    {
        $at = '2026-05-08T09:00:00+00:00';
        $stint = ['started_at' => $at, 'ended_at' => $at, 'build' => Samples::build(), 'reading' => Samples::reading()];
        $outing = ['id' => self::OUTING, 'started_at' => $at, 'ended_at' => $at, 'stints' => [$stint]];
        $shapes = self::listAt($this->send('GET', '/api/logbook'), 'shapes');
        foreach ([[[], false], [['shapes' => $shapes], true]] as $i => [$says, $isConfirmed]) {
            $id = substr(self::OUTING, 0, -1).(5 + $i);
            $stints = [['id' => substr(self::STINT, 0, -1).(7 + $i)] + $stint];
            $file = $says + ['waters' => [], 'readings' => [], 'outings' => [['id' => $id, 'stints' => $stints] + $outing]];
            $this->send('POST', '/api/logbook', $file);
            self::assertSame(200, $this->answered(), $this->content());
            $taken = self::listAt($this->send('GET', "/api/outings/$id"), 'stints', 0);
            self::assertSame($isConfirmed, $taken['confirmed']);
            self::assertEquals(20, self::listAt($taken, 'reading')['visibility_in']);
        }
    }

    private function content(): string
    {
        return $this->said();
    }
}
