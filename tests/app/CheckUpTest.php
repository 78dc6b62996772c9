<?php

declare(strict_types=1);

namespace Tests\app;

use App\Persistence\DatabaseCheck;
use App\UseCase\Doctor\CheckedPoint;
use App\UseCase\Doctor\CheckUp;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Filesystem\Filesystem;

/** Everything that may stand in the way of a start is named in a sentence, and looking at it changes nothing. */
final class CheckUpTest extends TestCase
{
    private const PORTS = ['KONTRAST_PORT', 'KONTRAST_METER_PORT'];

    private string $folder = '';

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kontrast-check-'.bin2hex(random_bytes(5));
        (new Filesystem())->mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
    }

    /** @param array<string, string> $environment */
    #[DataProvider('oddEnvironments')]
    public function testAnOddEnvironmentIsNamed(array $environment, string $says): void
    {
        self::assertStringContainsString($says, implode("\n", $this->problems($environment)));
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function oddEnvironments(): iterable
    {
        foreach (['abc', '0', '70000', '80 80', '-1', '8.5'] as $port) {
            yield "port $port" => [['KONTRAST_PORT' => $port], 'KONTRAST_PORT is “'.$port.'”, which is not a port.'];
        }
        yield 'colorimeter’s port' => [['KONTRAST_METER_PORT' => 'x'], 'KONTRAST_METER_PORT is “x”, which is not a port.'];
        yield 'no path' => [['KONTRAST_DB' => ''], 'KONTRAST_DB is empty.'];
        yield 'a folder' => [['KONTRAST_DB' => '/tmp'], 'KONTRAST_DB names a folder, /tmp.'];
        yield 'no such folder' => [['KONTRAST_DB' => '/nowhere/at/all.sqlite'], 'points to a file in /nowhere/at, which is not a folder.'];
        yield 'a query' => [['KONTRAST_DB' => '/tmp/x?mode=memory'], 'KONTRAST_DB has a character'];
        yield 'a place nobody can write to' => [['KONTRAST_DB' => '/proc/kontrast.sqlite'], 'Nothing can be written in /proc.'];
    }

    #[DataProvider('files')]
    public function testAFileThatIsNoDatabaseOfItsOwnIsLeftAsItIs(string $contents, string $says): void
    {
        $file = "$this->folder/kontrast.sqlite";
        if (str_starts_with($contents, 'CREATE')) {
            (new \PDO("sqlite:$file"))->exec($contents);
        } else {
            file_put_contents($file, $contents);
        }
        $before = hash_file('sha256', $file);
        self::assertStringContainsString($says, implode("\n", $this->problems([])));
        self::assertSame($before, hash_file('sha256', $file));
        self::assertSame(['kontrast.sqlite'], array_values(array_diff((array) scandir($this->folder), ['.', '..'])));
    }

    /** @return iterable<string, array{string, string}> */
    public static function files(): iterable
    {
        yield 'no database' => [str_repeat('No database. ', 1000), 'is not a SQLite database, or is damaged.'];
        yield 'a damaged one' => ["SQLite format 3\0".str_repeat("\xa5", 8192), 'is damaged ('];
        yield 'another program’s' => ['CREATE TABLE album (title TEXT)', 'belongs to another program.'];
        $versions = 'CREATE TABLE doctrine_migration_versions (version TEXT); INSERT INTO doctrine_migration_versions VALUES ';
        yield 'another Symfony program’s' => [$versions."('Shop\\Version1')", 'belongs to another program.'];
        yield 'a newer version’s' => [
            $versions."('App\\Migrations\\Version20261124000000'), ('App\\Migrations\\Version29990101000000')",
            'was made by a newer version of Kontrast',
        ];
    }

    public function testWhereAllIsWellItSaysSo(): void
    {
        self::assertSame([], $this->problems([]));
    }

    /**
     * @param array<string, string> $environment
     *
     * @return list<string>
     */
    private function problems(array $environment): array
    {
        $set = $environment + ['KONTRAST_PORT' => (string) ServedProgram::freePort(), 'KONTRAST_METER_PORT' => '1'];
        $before = [];
        foreach (self::PORTS as $name) {
            $before[$name] = getenv($name);
            putenv("$name=$set[$name]");
        }
        try {
            $check = new CheckUp(
                new DatabaseCheck($environment['KONTRAST_DB'] ?? "$this->folder/kontrast.sqlite", \dirname(__DIR__, 2)),
                \dirname(__DIR__, 2),
            );
            $ill = array_filter([...$check->beforeStarting()], static fn (CheckedPoint $point): bool => !$point->isWell);

            return array_values(array_map(static fn (CheckedPoint $point): string => $point->says, $ill));
        } finally {
            foreach ($before as $name => $was) {
                putenv(false === $was ? $name : "$name=$was");
            }
        }
    }
}
