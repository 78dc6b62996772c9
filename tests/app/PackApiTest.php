<?php

declare(strict_types=1);

namespace Tests\app;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** A packed trip says at every place of its grid what would be advised there; put together of its pieces as a page does it. */
final class PackApiTest extends ApiTestCase
{
    private const PARTS = __DIR__.'/../../demo/parts.csv';
    private const LOOKED_AT = 40;

    public function testWhatIsPackedIsWhatWouldBeAdvised(): void
    {
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(self::PARTS)]);
        $trip = $this->send('POST', '/api/trips', ['name' => 'Saturday', 'trip' => self::trip()]);
        $lines = $this->packed(self::textAt($trip, 'id'));
        $progress = array_filter(array_map(static fn (array $line): mixed => $line['done'] ?? null, $lines), is_int(...));
        $sorted = $progress;
        sort($sorted);
        self::assertGreaterThan(5, \count($progress));
        self::assertSame($sorted, $progress);

        $pack = $lines[array_key_last($lines)]['pack'] ?? null;
        self::assertIsArray($pack);
        Schema::assertValid('trip-pack', (string) json_encode($pack));
        self::assertSame('Saturday', self::textAt($pack, 'trip', 'name'));
        $axes = self::listAt($pack, 'axes');
        $sizes = array_map(static fn (mixed $axis): int => \is_array($axis) ? \count($axis) : 0, $axes);
        self::assertCount((int) array_product($sizes), self::listAt($pack, 'cells'));
        self::assertCount((int) array_product($sizes) / $sizes['lure'], self::listAt($pack, 'orders'));

        $dice = new Randomizer(new Mt19937(18));
        for ($i = 0; $i < self::LOOKED_AT; ++$i) {
            $at = array_map(static fn (int $size): int => $dice->getInt(0, $size - 1), $sizes);
            $cell = 0;
            $reading = self::listAt($pack, 'reading');
            foreach ($at as $axis => $place) {
                $cell = $cell * $sizes[$axis] + $place;
                $reading[$axis] = self::listAt($pack, 'axes', $axis)[$place];
            }
            $asked = $this->send('POST', '/api/advice', array_filter($reading, static fn (mixed $value): bool => null !== $value));
            self::assertSame(200, $this->answered(), $this->said());
            self::assertEquals($asked, self::advice($pack, $cell), (string) json_encode($reading));
        }
    }

    public function testATripThatIsNotThereIsNotPacked(): void
    {
        $this->send('POST', '/api/trips/0193a000-0000-7000-8000-00000000ffff/pack');
        self::assertSame(404, $this->answered());
    }

    public function testWithoutAnyPartThePackSaysWhatToDo(): void
    {
        $trip = $this->send('POST', '/api/trips', ['name' => 'Saturday', 'trip' => self::trip()]);
        $lines = $this->packed(self::textAt($trip, 'id'));
        self::assertStringContainsString('Your parts make no lure', (string) json_encode(end($lines)));
    }

    /**
     * @return list<array<mixed>>
     */
    private function packed(string $id): array
    {
        $this->send('POST', "/api/trips/$id/pack", new \stdClass());
        self::assertSame(200, $this->answered());
        $lines = [];
        foreach (explode("\n", trim($this->said())) as $line) {
            $read = json_decode($line, true, 128, \JSON_THROW_ON_ERROR);
            self::assertIsArray($read);
            $lines[] = $read;
        }

        return $lines;
    }

    /**
     * @param array<mixed> $pack
     *
     * @return array<string, mixed>
     */
    private static function advice(array $pack, int $cell): array
    {
        $values = self::listAt($pack, 'values');
        $number = self::listAt($pack, 'cells')[$cell];
        self::assertIsInt($number);
        $pieces = self::listAt($pack, 'advices', $number);
        $advice = [];
        foreach (self::listAt($pack, 'fields') as $i => $field) {
            self::assertIsString($field);
            $piece = $pieces[$i];
            self::assertIsInt($piece);
            $value = $values[$piece];
            if (\in_array($field, self::listAt($pack, 'lists'), true)) {
                self::assertIsArray($value);
                $value = array_map(static fn (mixed $one): mixed => \is_int($one) ? $values[$one] : null, $value);
            }
            $advice[$field] = $value;
        }

        return $advice;
    }

    /** @return array<mixed> a short day with one kind of cover */
    private static function trip(): array
    {
        $example = json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/trip-tamarack.json'), true);
        self::assertIsArray($example);

        return ['lures' => ['jig', 'bladed_jig'], 'covers' => ['wood'], 'visibility_in' => [20, 22, 24], 'sky' => []] + $example;
    }
}
