<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

/** What an HTTP client expects of resources: RFC 9110 for methods, tags and preconditions, RFC 8288 for links, RFC 9457 for problems. */
final class HttpTest extends ApiTestCase
{
    public function testAMethodThatIsNotAllowedNamesThoseThatAre(): void
    {
        $this->send('PATCH', '/api/waters', []);
        self::assertSame(405, $this->answered());
        $allow = explode(', ', (string) $this->header('Allow'));
        sort($allow);
        self::assertSame(['GET', 'POST'], $allow);
        self::assertSame('method_not_allowed', $this->problem()['code']);
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('resources')]
    public function testWhatIsAddedSaysWhereItIsAndIsThereUntilItIsDeleted(string $path, array $document): void
    {
        $added = $this->send('POST', $path, $document);
        self::assertSame(201, $this->answered());
        self::assertIsArray($added);
        self::assertIsString($added['id']);
        self::assertSame("$path/{$added['id']}", $this->header('Location'));
        self::assertSame('"v1"', $this->header('ETag'));
        self::assertEquals($added, $this->send('GET', "$path/{$added['id']}"));
        self::assertSame('"v1"', $this->header('ETag'));
        $this->send('DELETE', "$path/{$added['id']}");
        self::assertSame(204, $this->answered());
        foreach (['GET', 'DELETE'] as $method) {
            $this->send($method, "$path/{$added['id']}");
            self::assertSame(404, $this->answered(), $method);
            self::assertSame('not_found', $this->problem()['code']);
        }
        self::assertEquals($added['id'], $this->send('POST', "$path/{$added['id']}/restore")['id'] ?? null);
        self::assertSame(200, $this->answered());
    }

    /** @return iterable<string, array{string, array<string, mixed>}> */
    public static function resources(): iterable
    {
        yield 'a water' => ['/api/waters', Samples::water()];
        yield 'a reading' => ['/api/readings', ['reading' => Samples::reading(), 'note' => 'dusk']];
        yield 'a build' => ['/api/builds', ['name' => 'Rock jig', 'build' => Samples::build()]];
    }

    /** @param array<string, mixed> $document */
    #[DataProvider('edited')]
    public function testTheSecondOfTwoEditorsIsShownWhatIsThere(string $path, array $document, string $field): void
    {
        $tag = $this->tagOf($path, $document);
        $url = $this->url;
        $this->send('PUT', $url, ['note' => 'first'] + $document, ['HTTP_IF_MATCH' => $tag]);
        self::assertContains($this->answered(), [200, 204], $this->said());
        $after = (string) $this->header('ETag');
        self::assertNotSame($tag, $after);
        $this->send('PUT', $url, $document, ['HTTP_IF_MATCH' => $tag]);
        self::assertSame(412, $this->answered());
        self::assertSame('stale', $this->problem()['code']);
        self::assertArrayHasKey($field, (array) ($this->problem()['current'] ?? []), 'What is there now comes along.');
        self::assertSame($after, $this->header('ETag'));
        $this->send('PUT', $url, $document, ['HTTP_IF_MATCH' => $after]);
        self::assertContains($this->answered(), [200, 204]);
        $this->send('PUT', $url, $document, ['HTTP_IF_MATCH' => 'nonsense']);
        self::assertSame(412, $this->answered());
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function edited(): iterable
    {
        yield 'a water' => ['/api/waters', Samples::water(), 'tint'];
        yield 'a build' => ['/api/builds', ['name' => 'Rock jig', 'build' => Samples::build()], 'build'];
        yield 'a part' => ['/api/parts', Samples::craw(), 'style'];
    }

    public function testTheCurrentReadingAndTheSettingsAreGuardedTheSameWay(): void
    {
        foreach ([
            '/api/current-reading' => ['reading' => Samples::reading()],
            '/api/settings' => ['units' => 'us', 'theme' => 'lamp'],
        ] as $path => $document) {
            $this->send('PUT', $path, $document);
            $tag = (string) $this->header('ETag');
            $changed = '/api/current-reading' === $path
                ? ['reading' => ['visibility_in' => 9] + Samples::reading()]
                : ['theme' => 'noon'] + $document;
            $this->send('PUT', $path, $changed, ['HTTP_IF_MATCH' => $tag]);
            self::assertSame(204, $this->answered());
            $this->send('PUT', $path, $document, ['HTTP_IF_MATCH' => $tag]);
            self::assertSame(412, $this->answered());
            $this->send('GET', $path);
            self::assertSame('"v2"', $this->header('ETag'), 'The first of the two stays.');
        }
    }

    public function testABatchIsUndoneOnlyAsItWasRead(): void
    {
        $made = $this->send('POST', '/api/built', ['items' => [['name' => 'One', 'build' => Samples::build(), 'count' => 1]]]);
        $id = self::textAt($made, 'id');
        $this->send('POST', "/api/built/{$id}/undo", null, ['HTTP_IF_MATCH' => '"v7"']);
        self::assertSame(412, $this->answered());
        $this->send('POST', "/api/built/{$id}/undo", null, ['HTTP_IF_MATCH' => '"v1"']);
        self::assertSame(204, $this->answered());
    }

    #[DataProvider('constant')]
    public function testWhatChangesOnlyWithTheProgramIsSentOnce(string $path): void
    {
        $this->send('GET', $path);
        $tag = (string) $this->header('ETag');
        self::assertMatchesRegularExpression('/^"[0-9a-f]{32}"$/', $tag);
        $this->send('GET', $path, null, ['HTTP_IF_NONE_MATCH' => $tag]);
        self::assertSame(304, $this->answered());
        self::assertSame('', $this->said());
        $this->send('GET', $path, null, ['HTTP_IF_NONE_MATCH' => '"another"']);
        self::assertSame(200, $this->answered());
    }

    /** @return iterable<string, array{string}> */
    public static function constant(): iterable
    {
        yield 'the rules' => ['/api/rules'];
        yield 'one rule' => ['/api/rules/S6'];
        yield 'the palette' => ['/api/palette'];
    }

    #[DataProvider('lists')]
    public function testAListIsReadAPageAtATime(string $path): void
    {
        $all = $this->fill($path);
        $seen = [];
        $next = "$path?limit=3";
        for ($i = 0; null !== $next && $i < 20; ++$i) {
            $page = $this->send('GET', $next);
            self::assertSame(200, $this->answered());
            $page = $page['parts'] ?? $page ?? [];
            self::assertIsArray($page);
            self::assertLessThanOrEqual(3, \count($page));
            $seen = [...$seen, ...array_column($page, 'id')];
            preg_match('~^<([^>]+)>; rel="next"$~', (string) $this->header('Link'), $m);
            $next = $m[1] ?? null;
        }
        self::assertCount(8, $all);
        self::assertSame($all, $seen, 'Every entry once, in the order of the whole list.');
        foreach (['limit=0', 'limit=501', 'limit=x', 'limit[]=1', 'after=1'] as $bad) {
            $this->send('GET', "$path?$bad");
            self::assertSame(422, $this->answered(), $bad);
        }
    }

    /** @return iterable<string, array{string}> */
    public static function lists(): iterable
    {
        foreach (['/api/waters', '/api/readings', '/api/builds', '/api/parts', '/api/built'] as $path) {
            yield $path => [$path];
        }
    }

    public function testTextIsSentCompressedToWhoeverTakesIt(): void
    {
        $plain = $this->send('POST', '/api/advice', Samples::reading());
        self::assertNull($this->header('Content-Encoding'));
        $this->send('POST', '/api/advice', Samples::reading(), ['HTTP_ACCEPT_ENCODING' => 'gzip, br']);
        self::assertSame('gzip', $this->header('Content-Encoding'));
        self::assertStringContainsString('Accept-Encoding', (string) $this->header('Vary'));
        $packed = $this->said();
        self::assertSame((string) \strlen($packed), $this->header('Content-Length'));
        self::assertSame($plain, json_decode((string) gzdecode($packed), true));
        self::assertLessThan(\strlen((string) json_encode($plain)) / 3, \strlen($packed));
    }

    public function testAShortAnswerStaysAsItIs(): void
    {
        $this->send('GET', '/api/settings', null, ['HTTP_ACCEPT_ENCODING' => 'gzip']);
        self::assertNull($this->header('Content-Encoding'));
    }

    public function testEveryFaultHasACodeThatStays(): void
    {
        $this->send(
            'POST',
            '/api/parts',
            [['kind' => 'skirt', 'name' => '', 'colour' => 'mauve', 'count' => -1, 'moon' => 1, 'opacity' => 'half'], ['name' => 'x']],
        );
        $codes = array_column((array) $this->problem()['faults'], 'code', 'field');
        self::assertSame([
            '[0].moon' => 'unknown_field', '[0].opacity' => 'wrong_type', '[0].name' => 'is_blank', '[0].colour' => 'no_colour',
            '[0].count' => 'not_in_range', '[1].kind' => 'missing',
        ], array_replace(array_flip(['[0].moon', '[0].opacity', '[0].name', '[0].colour', '[0].count', '[1].kind']), $codes));
        self::assertSame('invalid_document', $this->problem()['code']);
        $first = ((array) $this->problem()['faults'])[0];
        self::assertIsArray($first);
        self::assertSame([0, 'moon'], [$first['item'], $first['within']]);
    }

    private string $url = '';

    /** @param array<string, mixed> $document */
    private function tagOf(string $path, array $document): string
    {
        $added = $this->send('POST', $path, '/api/parts' === $path ? [$document] : $document);
        self::assertSame(201, $this->answered(), $this->said());
        $this->url = "$path/".self::textAt(array_is_list($added ?? []) ? (array) ($added[0] ?? []) : $added, 'id');
        $this->send('GET', $this->url);

        return (string) $this->header('ETag');
    }

    /** @return list<mixed> ids in the order of the whole list */
    private function fill(string $path): array
    {
        for ($i = 0; $i < 8; ++$i) {
            // Some are equal in all that the list is sorted by, so that the id has to decide.
            $name = 'Name '.intdiv($i, 3);
            $document = match ($path) {
                '/api/waters' => ['name' => $name] + Samples::water(),
                '/api/readings' => ['reading' => Samples::reading(), 'taken_at' => '2026-04-0'.(1 + intdiv($i, 3)).'T12:00:00+00:00'],
                '/api/builds' => ['name' => $name, 'build' => Samples::build()],
                '/api/parts' => [['name' => $name] + Samples::craw()],
                default => ['items' => [['name' => $name, 'build' => Samples::build(), 'count' => 1]]],
            };
            $this->send('POST', $path, $document);
            self::assertSame(201, $this->answered());
        }
        $all = $this->send('GET', $path);

        return array_column((array) ($all['parts'] ?? $all), 'id');
    }

    private function header(string $name): ?string
    {
        return $this->browser->getResponse()->headers->get($name);
    }

    /** @return array<mixed> */
    private function problem(): array
    {
        $problem = json_decode($this->said(), true, 16, \JSON_THROW_ON_ERROR);
        self::assertIsArray($problem);

        return $problem;
    }
}
