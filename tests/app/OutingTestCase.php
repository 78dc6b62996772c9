<?php

declare(strict_types=1);

namespace Tests\app;

/** An outing of one morning, with a lure and an event of known ids. */
abstract class OutingTestCase extends ApiTestCase
{
    protected const OUTING = '0193a000-0000-7000-b000-000000000001';
    protected const STINT = '0193a000-0000-7000-b000-000000000002';
    protected const EVENT = '0193a000-0000-7000-b000-000000000003';
    /** A JPEG of eight by eight pixels, from a canvas, with a camera's segment (APP1), put in by hand, that says where it was taken. */
    protected const PHOTO = __DIR__.'/../fixtures/photo-with-place.jpg';

    protected function begin(): void
    {
        $this->send('POST', '/api/outings', ['id' => self::OUTING, 'started_at' => self::at('09:00')]);
        self::assertSame(201, $this->answered(), $this->said());
    }

    /** @return array<string, mixed> */
    protected static function stint(string $from): array
    {
        return ['started_at' => self::at($from), 'build' => Samples::build(), 'reading' => Samples::reading()];
    }

    protected static function at(string $time): string
    {
        return "2026-05-09T$time:00+00:00";
    }

    protected static function stintPath(int $end = 2): string
    {
        return '/api/outings/'.self::OUTING.'/stints/'.substr(self::STINT, 0, -1).$end;
    }

    protected static function eventPath(int $end = 3): string
    {
        return '/api/outings/'.self::OUTING.'/events/'.substr(self::EVENT, 0, -1).$end;
    }
}
