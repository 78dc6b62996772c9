<?php

declare(strict_types=1);

namespace Tests\app;

use App\Device\MachineZone;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Where a water has no place, times are those of the computer, not of UTC. */
final class MachineZoneTest extends TestCase
{
    #[TestWith(['Asia/Kolkata', '/usr/share/zoneinfo/America/Chicago', 'Asia/Kolkata'])]
    #[TestWith([':America/Chicago', null, 'America/Chicago'])]
    #[TestWith(['', '/usr/share/zoneinfo/America/Chicago', 'America/Chicago'])]
    #[TestWith(['', '../usr/share/zoneinfo/US/Central', 'US/Central'])]
    #[TestWith(['Lower/Slobbovia', '/usr/share/zoneinfo/posix/Europe/Oslo', 'Europe/Oslo'])]
    #[TestWith(['', '/nowhere/at/all', 'UTC'])]
    #[TestWith(['', null, 'UTC'])]
    public function testTheZoneIsWhatTheComputerSays(string $said, ?string $linked, string $name): void
    {
        $file = sys_get_temp_dir().'/kontrast-zone-'.bin2hex(random_bytes(5));
        if (null !== $linked) {
            symlink($linked, $file);
        }
        try {
            self::assertSame($name, MachineZone::name($said, $file));
        } finally {
            @unlink($file);
        }
    }

    public function testTheProgramGoesByIt(): void
    {
        $before = [(string) getenv('TZ'), date_default_timezone_get()];
        putenv('TZ=Asia/Kolkata');
        try {
            (new \App\Kernel('test', false))->boot();
            self::assertSame('Asia/Kolkata', date_default_timezone_get());
        } finally {
            // Of the kernel.
            restore_exception_handler();
            putenv('' === $before[0] ? 'TZ' : "TZ=$before[0]");
            date_default_timezone_set($before[1]);
        }
    }
}
