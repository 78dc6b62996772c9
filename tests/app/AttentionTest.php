<?php

declare(strict_types=1);

namespace Tests\app;

use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;

/** What is stored and cannot be read breaks nothing: it is listed with its name and the reason, and stays as it is. */
final class AttentionTest extends ApiTestCase
{
    private const BROKEN = [
        'no JSON' => ['{"lure": "ji', 1, 'no longer valid JSON'],
        'no object' => ['[1, 2]', 1, 'no object'],
        'a shape of the future' => ['{}', 99, 'shape 99'],
        'a word nobody knows any more' => ['{"tint": "mauve", "colour": 7, "lure": "boat", "units": "cubits"}', 1, 'llowed'],
    ];

    #[DataProvider('broken')]
    public function testAListAndAnAnswerLeaveItOut(string $document, int $shape, string $says): void
    {
        $this->send('POST', '/api/parts', [Samples::craw(), ['name' => 'Good skirt'] + Samples::skirt(), Samples::head()]);
        $this->send('POST', '/api/readings', ['reading' => Samples::reading(), 'note' => 'broken']);
        $this->send('POST', '/api/readings', ['reading' => Samples::reading(), 'note' => 'good']);
        $this->send('POST', '/api/builds', ['name' => 'Broken', 'build' => Samples::build()]);
        $this->send('PUT', '/api/current-reading', ['reading' => Samples::reading()]);
        $this->send('PUT', '/api/settings', ['units' => 'metric', 'theme' => 'noon']);
        $partShape = 1 === $shape ? 2 : $shape;
        foreach ([
            'inventory_part' => "name = 'Black craw'", 'saved_reading' => "note = 'broken'", 'saved_build' => '1 = 1',
            'current_reading' => '1 = 1',
            'settings' => '1 = 1',
        ] as $table => $where) {
            $values = ['document' => $document, 'shape' => 'inventory_part' === $table ? $partShape : $shape];
            $this->database()->executeStatement("UPDATE $table SET document = :document, shape = :shape WHERE $where", $values);
        }
        $this->database()->executeStatement('SELECT 1');
        self::forgetEntities();

        $bin = $this->send('GET', '/api/parts');
        self::assertSame(
            ['Black head', 'Good skirt'],
            array_map(static fn (int $i): string => self::textAt($bin, 'parts', $i, 'name'), [0, 1]),
        );
        self::assertSame(['good'], array_column($this->send('GET', '/api/readings') ?? [], 'note'));
        self::assertSame([], $this->send('GET', '/api/builds'));
        self::assertNull($this->send('GET', '/api/current-reading'));
        self::assertSame('us', $this->send('GET', '/api/settings')['units'] ?? null);
        foreach (['/api/missing', '/api/logbook', '/api/backup', '/api/parts.csv', '/api/parts.json', '/api/parts.gpl', '/'] as $path) {
            $this->send('GET', $path);
            self::assertContains($this->answered(), [200, 503], $path);
        }
        $this->send('POST', '/api/best', ['reading' => ['lure' => 'jig'] + Samples::reading()]);
        self::assertSame(200, $this->answered());

        $attention = $this->send('GET', '/api/attention');
        self::assertIsArray($attention);
        self::assertCount(5, $attention);
        foreach ($attention as $one) {
            self::assertIsArray($one);
            self::assertStringContainsString($says, self::textAt($one, 'reason'));
            self::assertSame($document, $one['document'], 'As it is stored, to be exported.');
        }
        self::assertContains('Black craw', array_column($attention, 'name'));
    }

    /** @return iterable<string, array{string, int, string}> */
    public static function broken(): iterable
    {
        yield from self::BROKEN;
    }

    public function testWhatStandsWhereAnotherHasToGoIsSetAside(): void
    {
        $this->send('PUT', '/api/current-reading', ['reading' => Samples::reading()]);
        $this->database()->executeStatement("UPDATE current_reading SET document = 'garbled'");
        self::forgetEntities();
        $this->send('PUT', '/api/current-reading', ['reading' => ['visibility_in' => 9] + Samples::reading()]);
        self::assertSame(204, $this->answered());
        self::assertStringContainsString('"visibility_in":9', (string) json_encode($this->send('GET', '/api/current-reading')));
        $attention = $this->send('GET', '/api/attention');
        self::assertSame([['reading', 'Current reading', 'garbled']], array_map(
            static fn (mixed $one): array => \is_array($one) ? [$one['kind'], $one['name'], $one['document']] : [],
            $attention ?? [],
        ));
        $backup = $this->send('GET', '/api/backup');
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered(), $this->said());
        self::assertCount(1, $this->send('GET', '/api/attention') ?? []);
    }

    private function database(): Connection
    {
        $connection = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $connection);

        return $connection;
    }
}
