<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

/** What is on the bench: a build for each lure, undo across them, and parts as they are now. */
final class WorkbenchApiTest extends ApiTestCase
{
    private const PATH = '/api/workbench';

    public function testBeforeTheFirstBuildThereIsNothing(): void
    {
        self::assertNull($this->send('GET', self::PATH));
        self::assertSame(200, $this->answered());
    }

    public function testEachLureKeepsABuildOfItsOwn(): void
    {
        $this->put(self::jig('Black head'));
        $this->put(['lure' => 'swim_jig'] + self::jig('White head'));
        self::assertSame(['jig' => 'Black head', 'swim_jig' => 'White head'], $this->heads());
    }

    public function testUndoGoesBackAcrossLuresAndNoFurther(): void
    {
        $this->put(self::jig('One'));
        $this->put(self::jig('Two'));
        $this->put(['lure' => 'swim_jig'] + self::jig('Three'));
        $this->put(['lure' => 'swim_jig'] + self::jig('Four'));
        $seen = [];
        for ($i = 0; $i < 3; ++$i) {
            $this->change(['undo' => true]);
            $seen[] = $this->heads();
        }
        // The first build of a lure replaced nothing, so that undoing goes back to it and stays there.
        self::assertSame([
            ['jig' => 'Two', 'swim_jig' => 'Three'],
            ['jig' => 'One', 'swim_jig' => 'Three'],
            ['jig' => 'One', 'swim_jig' => 'Three'],
        ], $seen);
    }

    public function testFiftyChangesCanBeUndone(): void
    {
        foreach (range(0, 60) as $i) {
            $this->put(self::jig("Head $i"));
        }
        self::assertCount(50, $this->workbench()['past']);
        foreach (range(0, 55) as $ignored) {
            $this->change(['undo' => true]);
        }
        self::assertSame(['jig' => 'Head 10'], $this->heads());
    }

    public function testAnOwnedPartIsAsItIsNowAndADeletedOneStaysAsItWas(): void
    {
        $parts = $this->send('POST', '/api/parts', [Samples::head(), Samples::skirt()]);
        self::assertIsArray($parts);
        [$head, $skirt] = $parts;
        self::assertIsArray($head);
        self::assertIsArray($skirt);
        $this->put(['lure' => 'jig', 'head' => $head, 'skirt' => $skirt]);
        $this->send('PUT', '/api/parts', [['name' => 'Repainted head', 'colour' => 'white'] + $head]);
        $this->send('POST', '/api/parts/delete', ['ids' => [$skirt['id'] ?? '']]);

        $build = $this->workbench()['builds'][0] ?? null;
        self::assertIsArray($build);
        self::assertIsArray($build['head']);
        self::assertIsArray($build['skirt']);
        self::assertSame(['Repainted head', 'white'], [$build['head']['name'], $build['head']['colour']]);
        self::assertSame('Black skirt', $build['skirt']['name']);
        self::assertArrayNotHasKey('id', $build['skirt']);
    }

    public function testThePlaceInEachChecklistIsKept(): void
    {
        $this->change(['checklist' => ['build' => 'a', 'step' => 3]]);
        $this->change(['checklist' => ['build' => 'b', 'step' => 1]]);
        $this->change(['checklist' => ['build' => 'a', 'step' => 4]]);
        self::assertSame([['build' => 'b', 'step' => 1], ['build' => 'a', 'step' => 4]], $this->workbench()['checklists']);
    }

    public function testTheSecondOfTwoPagesIsShownWhatIsThere(): void
    {
        $this->put(self::jig('Mine'));
        $tag = (string) $this->browser->getResponse()->getEtag();
        $this->put(self::jig('Theirs'));
        $problem = $this->send('PATCH', self::PATH, ['build' => self::jig('Late')], ['HTTP_IF_MATCH' => $tag]);
        self::assertSame(412, $this->answered());
        self::assertIsArray($problem);
        self::assertIsArray($problem['current']);
        self::assertSame(['jig' => 'Theirs'], $this->heads());
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('bad')]
    public function testABadChangeIsRefusedAndChangesNothing(array $change, string $field): void
    {
        $this->put(self::jig('Good'));
        $this->send('PATCH', self::PATH, $change);
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey($field, $this->faults());
        self::assertSame(['jig' => 'Good'], $this->heads());
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'nothing' => [[], ''];
        yield 'two at once' => [['undo' => true, 'checklist' => ['build' => 'a', 'step' => 1]], ''];
        yield 'a part of another kind' => [['build' => ['lure' => 'jig', 'head' => Samples::skirt()]], 'build.head.kind'];
        yield 'a step below the first' => [['checklist' => ['build' => 'a', 'step' => -1]], 'checklist.step'];
    }

    public function testABackupTakesItAlong(): void
    {
        $this->put(self::jig('One'));
        $this->put(self::jig('Two'));
        $this->change(['checklist' => ['build' => 'a', 'step' => 2]]);
        $before = $this->workbench();
        $backup = $this->send('GET', '/api/backup');
        $this->put(self::jig('Three'));
        $this->send('POST', '/api/backup', $backup);
        self::assertSame(200, $this->answered());
        self::assertSame($before, $this->workbench());
    }

    /** @return array<string, mixed> */
    private static function jig(string $head): array
    {
        return ['lure' => 'jig', 'head' => ['name' => $head] + Samples::head()];
    }

    /** @param array<string, mixed> $build */
    private function put(array $build): void
    {
        $this->change(['build' => $build]);
    }

    /** @param array<string, mixed> $change */
    private function change(array $change): void
    {
        $this->send('PATCH', self::PATH, $change);
        self::assertSame(204, $this->answered(), $this->said());
    }

    /** @return array{builds: list<array<mixed>>, past: list<array<mixed>>, checklists: mixed} */
    private function workbench(): array
    {
        self::forgetEntities();
        $workbench = $this->send('GET', self::PATH) ?? [];
        $list = static fn (string $name): array => array_values(array_filter(
            \is_array($workbench[$name] ?? null) ? $workbench[$name] : [],
            \is_array(...),
        ));

        return ['builds' => $list('builds'), 'past' => $list('past'), 'checklists' => $workbench['checklists'] ?? []];
    }

    /** @return array<string, string> the name of each build's head by its lure */
    private function heads(): array
    {
        $heads = [];
        foreach ($this->workbench()['builds'] as $build) {
            $lure = $build['lure'] ?? '';
            $head = \is_array($build['head'] ?? null) ? $build['head'] : [];
            if (\is_string($lure) && \is_string($head['name'] ?? null)) {
                $heads[$lure] = $head['name'];
            }
        }
        ksort($heads);

        return $heads;
    }
}
