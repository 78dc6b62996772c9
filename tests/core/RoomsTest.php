<?php

declare(strict_types=1);

namespace Tests\core;

use PHPUnit\Framework\TestCase;
use Tests\Architecture\LayeringTest;

/** The test of the layers watches only the rooms that it names. */
final class RoomsTest extends TestCase
{
    public function testEveryRoomOfTheCoreIsWatched(): void
    {
        $rooms = glob(\dirname(__DIR__, 2).'/core/*', \GLOB_ONLYDIR);
        self::assertNotFalse($rooms);

        self::assertEqualsCanonicalizing(array_map(basename(...), $rooms), LayeringTest::ROOMS);
    }
}
