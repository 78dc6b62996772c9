<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

/** The parts owned, over the API. */
final class BinApiTest extends ApiTestCase
{
    public function testPartsAreAddedChangedDeletedAndRestored(): void
    {
        [$craw, $skirt] = $this->add(self::craw(), self::skirt());
        self::assertSame(1, $craw['version']);
        self::assertSame(['Black craw', 'Black skirt'], $this->names());

        $changed = $this->send('PUT', '/api/parts', [['count' => 9, 'box' => 'Craws'] + $craw]);
        self::assertSame(200, $this->answered());
        self::assertIsArray($changed);
        self::assertSame(
            [['count' => 9, 'box' => 'Craws', 'version' => 2] + $craw],
            array_map(
                static fn (mixed $part): array => \is_array($part) ? [
                    'count' => $part['count'],
                    'box' => $part['box'],
                    'version' => $part['version'],
                ] + $craw : [],
                $changed,
            ),
        );

        self::assertSame(['count' => 1], $this->send('POST', '/api/parts/delete', ['ids' => [$skirt['id']]]));
        self::assertSame(['Black craw'], $this->names());
        self::assertSame(['count' => 1], $this->send('POST', '/api/parts/restore', ['ids' => [$skirt['id']]]));
        self::assertSame(['Black craw', 'Black skirt'], $this->names());
    }

    public function testAPartKeepsEveryFieldItWasGiven(): void
    {
        $given = [
            'kind' => 'trailer', 'name' => 'Two-tone', 'count' => 3, 'low_at' => 2, 'box' => 'B', 'cost' => 0.45, 'note' => 'n',
            'colour' => '#55512b', 'accents' => ['orange', '#112233'], 'fluorescent' => 'orange', 'opacity' => 0.5, 'style' => 'craw',
            'length_in' => 3.5, 'surface' => 'flake', 'plastic' => 'stretchy',
        ];
        [$kept] = $this->add($given);
        self::assertEquals($given, array_intersect_key($kept, $given));
    }

    /** The second of two tabs is told, and what the first wrote stays. */
    public function testTheSecondTabIsToldAndNothingIsLost(): void
    {
        [$part, $other] = $this->add(self::craw(), self::skirt());
        $this->send('PUT', '/api/parts', [['name' => 'From the first tab'] + $part]);
        $this->send('PUT', '/api/parts', [['name' => 'Goes along'] + $other, ['name' => 'From the second tab'] + $part]);
        self::assertSame(409, $this->answered());
        self::assertStringContainsString('changed somewhere else', $this->said());
        self::assertSame(['Black skirt', 'From the first tab'], $this->names());
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('wrong')]
    public function testAFaultNamesItsFieldAndNothingIsStored(array $change, string $field, string $says): void
    {
        $this->send('POST', '/api/parts', [self::craw(), $change + self::skirt()]);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString($says, $this->faults()["[1].$field"] ?? '(no fault there)');
        self::assertSame([], $this->names());
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function wrong(): iterable
    {
        yield 'no name' => [['name' => ' '], 'name', 'needs a name'];
        yield 'a colour that is none' => [['colour' => 'mauve'], 'colour', 'is not a color'];
        yield 'an accent that is none' => [['accents' => ['#12345']], 'accents[0]', 'is not a color'];
        yield 'too many accents' => [['accents' => ['red', 'blue', 'black', 'white']], 'accents', 'at most 3'];
        yield 'fewer than none' => [['count' => -1], 'count', 'from 0 to'];
        yield 'a count in words' => [['count' => 'many'], 'count', 'whole number'];
        yield 'a head without a weight' => [['kind' => 'head', 'lures' => ['jig']], 'weight_oz', 'needs its weight'];
        yield 'a head for nothing' => [['kind' => 'head', 'weight_oz' => 0.5], 'lures', 'is for'];
        yield 'a blade of nothing' => [['kind' => 'blade', 'shape' => 'willow', 'number' => 4, 'colour' => null], 'metal', 'painted'];
        yield 'a blade of both' => [['kind' => 'blade', 'shape' => 'willow', 'number' => 4, 'metal' => 'gold'], 'metal', 'painted'];
        yield 'paint darkened with marker' => [
            ['kind' => 'blade', 'shape' => 'willow', 'number' => 4, 'darkened' => true],
            'darkened',
            'Only a metal blade',
        ];
        yield 'a blade number beyond' => [['kind' => 'blade', 'shape' => 'willow', 'number' => 8], 'number', '1 to 7'];
        yield 'a hook of no size' => [['kind' => 'hook', 'hook' => '7/0'], 'hook', 'not a hook size'];
        yield 'a trailer of no style' => [['kind' => 'trailer', 'length_in' => 3], 'style', 'needs a style'];
        yield 'see-through beyond' => [['opacity' => 1.5], 'opacity', '0 to 1'];
        yield 'an endless length' => [['kind' => 'trailer', 'style' => 'craw', 'length_in' => 40], 'length_in', 'at most 12'];
    }

    public function testAnIdThatIsTakenIsRefused(): void
    {
        [$part] = $this->add(self::craw());
        $this->send('POST', '/api/parts', [['id' => $part['id']] + self::craw()]);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('already a part', $this->faults()['[0].id']);
    }

    /** Common practice, no source (T10). */
    public function testStretchyPlasticInABoxWithOthersIsWarnedOf(): void
    {
        $this->add(['name' => 'Stretchy', 'plastic' => 'stretchy', 'box' => 'Craws'] + self::craw(), ['box' => 'Craws'] + self::craw());
        self::assertSame(
            [['box' => 'Craws', 'stretchy' => ['Stretchy'], 'others' => ['Black craw']]],
            $this->send('GET', '/api/parts')['mixed_boxes'] ?? null,
        );
    }

    public function testBuildsArePutAwayChangedAndRestored(): void
    {
        $build = [
            'lure' => 'jig',
            'head' => ['kind' => 'head', 'name' => 'h', 'weight_oz' => 0.375, 'colour' => 'black', 'lures' => ['jig']],
            'skirt' => self::skirt(),
        ];
        $kept = $this->send('POST', '/api/builds', ['name' => 'Rock jig', 'note' => 'n', 'build' => $build]);
        self::assertSame(201, $this->answered());
        self::assertIsArray($kept);
        self::assertIsString($kept['id']);
        $this->send('PUT', "/api/builds/{$kept['id']}", ['name' => 'Rock jig, 2', 'version' => 1, 'build' => $build]);
        self::assertSame(200, $this->answered());
        $this->send('PUT', "/api/builds/{$kept['id']}", ['name' => 'late', 'version' => 1, 'build' => $build]);
        self::assertSame(409, $this->answered());
        $this->send('DELETE', "/api/builds/{$kept['id']}");
        self::assertSame([], $this->send('GET', '/api/builds'));
        $this->send('POST', "/api/builds/{$kept['id']}/restore");
        self::assertSame(['Rock jig, 2'], array_column($this->send('GET', '/api/builds') ?? [], 'name'));
    }

    public function testAPictureThatIsNoneIsRefused(): void
    {
        $build = [
            'lure' => 'jig',
            'head' => ['kind' => 'head', 'name' => 'h', 'weight_oz' => 0.375, 'colour' => 'black', 'lures' => ['jig']],
        ];
        $this->send('POST', '/api/builds', ['name' => 'x', 'build' => $build, 'photo' => 'data:text/html;base64,AAAA']);
        self::assertArrayHasKey('photo', $this->faults());
        $this->send(
            'POST',
            '/api/builds',
            ['name' => 'x', 'build' => $build, 'photo' => 'data:image/png;base64,'.str_repeat('A', 3_000_000)],
        );
        self::assertStringContainsString('too large', $this->faults()['photo']);
    }

    /** @return list<array<string, mixed>> */
    private function add(mixed ...$parts): array
    {
        $added = $this->send('POST', '/api/parts', $parts);
        self::assertSame(201, $this->answered(), $this->said());

        /** @var list<array<string, mixed>> $added */
        return $added;
    }

    /** @return list<mixed> */
    private function names(): array
    {
        $bin = $this->send('GET', '/api/parts');
        self::assertIsArray($bin);
        self::assertIsArray($bin['parts']);
        $names = array_column($bin['parts'], 'name');
        sort($names);

        return $names;
    }

    /** @return array<string, mixed> */
    private static function craw(): array
    {
        return ['kind' => 'trailer', 'name' => 'Black craw', 'colour' => 'black', 'style' => 'craw', 'length_in' => 3.5];
    }

    /** @return array<string, mixed> */
    private static function skirt(): array
    {
        return ['kind' => 'skirt', 'name' => 'Black skirt', 'colour' => 'black'];
    }
}
