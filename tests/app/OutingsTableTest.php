<?php

declare(strict_types=1);

namespace Tests\app;

use App\Format\OutingsTable;
use PHPUnit\Framework\TestCase;

/** A table of outings survives a spreadsheet: through LibreOffice Calc and back (tests/reference/calc.sh, frozen). */
final class OutingsTableTest extends TestCase
{
    private const DATA = __DIR__.'/../reference/data/';

    public function testATableThatWentThroughASpreadsheetSaysTheSame(): void
    {
        $before = OutingsTable::read((string) file_get_contents(self::DATA.'outings-before-calc.csv'));
        $after = OutingsTable::read((string) file_get_contents(self::DATA.'outings-through-calc.csv'));
        self::assertCount(1, $before);
        self::assertNotSame(
            file_get_contents(self::DATA.'outings-before-calc.csv'),
            file_get_contents(self::DATA.'outings-through-calc.csv'),
        );
        self::assertEquals($before, $after);
        self::assertSame("=1+2, and \"quoted\"; über\nsecond line", $before[0][1]['note']);
    }

    public function testWhatIsSaidOncePerOutingNeedNotBeRepeated(): void
    {
        $csv = "outing_id,outing_started_at,outing_note,stint_id,stint_started_at,event,event_at\n"
            ."a,2026-05-09T09:00:00Z,Windy,s,2026-05-09T09:00:00Z,bite,2026-05-09T09:10:00Z\n"
            ."a,,,s,,landed,2026-05-09T09:20:00Z\n";
        $read = OutingsTable::read($csv);
        self::assertCount(1, $read);
        $stints = $read[0][1]['stints'];
        self::assertIsArray($stints);
        self::assertIsArray($stints[0]);
        self::assertIsArray($stints[0]['events']);
        self::assertSame(['bite', 'landed'], array_column($stints[0]['events'], 'kind'));
    }
}
