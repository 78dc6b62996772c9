<?php

declare(strict_types=1);

namespace Tests\app;

/** From an empty program to a build, a list of what to buy, and the first parts. */
final class FirstPartsApiTest extends ApiTestCase
{
    public function testWithNoPartsTheAdvisedBuildIsThereJudgedAndOnASheet(): void
    {
        $advised = $this->send('POST', '/api/advised-build', ['reading' => self::reading()]);
        self::assertSame(200, $this->answered());
        self::assertIsArray($advised);
        self::assertSame($advised['generic'], $advised['build']);
        self::assertIsArray($advised['build']);
        self::assertIsArray($advised['build']['head']);
        self::assertNull($advised['build']['head']['id']);
        $bench = $this->send('POST', '/api/bench', ['reading' => self::reading(), 'build' => $advised['build']]);
        self::assertIsArray($bench);
        self::assertGreaterThan(80, $bench['score']);
        $sheet = $this->send('POST', '/api/build-sheet', ['reading' => self::reading(), 'build' => $advised['build']]);
        self::assertSame(200, $this->answered());
        self::assertIsArray($sheet);
        self::assertNotSame([], $sheet['steps']);
    }

    public function testAGenericPartIsPricedByItsOwnPriceAndAnOwnedOneByItsStock(): void
    {
        $advised = $this->send('POST', '/api/advised-build', ['reading' => self::reading()]);
        self::assertIsArray($advised);
        $build = $advised['build'];
        self::assertIsArray($build);
        foreach (['head' => 0.8, 'skirt' => 1.25] as $slot => $cost) {
            self::assertIsArray($build[$slot]);
            $build[$slot]['cost'] = $cost;
        }
        $sheet = $this->send('POST', '/api/build-sheet', ['reading' => self::reading(), 'build' => $build]);
        self::assertIsArray($sheet);
        self::assertSame(2.05, $sheet['cost']);
        $batch = $this->send('POST', '/api/batch', ['items' => [['name' => 'Three', 'build' => $build, 'count' => 3]]]);
        self::assertIsArray($batch);
        self::assertSame(6.15, $batch['cost']);
        [$owned] = self::documents($this->send('POST', '/api/parts', [['cost' => 2] + $build['head']]));
        $build['head'] = $owned;
        $sheet = $this->send('POST', '/api/build-sheet', ['reading' => self::reading(), 'build' => $build]);
        self::assertIsArray($sheet);
        self::assertSame(3.25, $sheet['cost']);
    }

    /** Two parts may have one name: each counts with its own price. */
    public function testAnOwnedPartKeepsItsPriceBesideAGenericOneOfItsName(): void
    {
        $advised = $this->send('POST', '/api/advised-build', ['reading' => self::reading()]);
        self::assertIsArray($advised);
        $build = $advised['build'];
        self::assertIsArray($build);
        self::assertIsArray($build['head']);
        $owned = self::documents($this->send('POST', '/api/parts', [['cost' => 2] + $build['head']]));
        $batch = $this->send('POST', '/api/batch', ['items' => [
            ['name' => 'Owned', 'build' => ['head' => $owned[0]] + $build, 'count' => 1],
            ['name' => 'Generic', 'build' => ['head' => ['cost' => 5] + $build['head']] + $build, 'count' => 1],
        ]]);
        self::assertIsArray($batch);
        self::assertSame(7, $batch['cost']);
    }

    public function testWhatIsBoughtIsNoLongerOnTheList(): void
    {
        $readings = [self::reading(), ['visibility_in' => 60, 'tint' => 'none', 'sky' => 'sun'] + self::reading()];
        $shopping = $this->send('POST', '/api/shopping', ['readings' => $readings]);
        self::assertSame(200, $this->answered());
        self::assertIsArray($shopping);
        self::assertIsArray($shopping['items']);
        $parts = array_column($shopping['items'], 'part');
        self::assertGreaterThan(3, \count($parts));
        self::assertIsString($shopping['file']);
        self::assertStringStartsWith('kind,name,size,buy,cost_of_one', $shopping['file']);
        self::assertSame(1 + \count($parts), substr_count($shopping['file'], "\n"));
        $this->send('POST', '/api/parts', $parts);
        self::assertSame(201, $this->answered());
        $again = $this->send('POST', '/api/shopping', ['readings' => $readings]);
        self::assertIsArray($again);
        self::assertSame([], $again['items']);
        $advised = $this->send('POST', '/api/advised-build', ['reading' => self::reading()]);
        self::assertIsArray($advised);
        self::assertIsArray($advised['build']);
        self::assertIsArray($advised['build']['head']);
        self::assertIsString($advised['build']['head']['id']);
    }

    public function testAShoppingListNeedsAReadingAndTakesNotAHundred(): void
    {
        $this->send('POST', '/api/shopping', ['readings' => []]);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('Choose at least one reading.', $this->said());
        $this->send('POST', '/api/shopping', ['readings' => array_fill(0, 100, self::reading())]);
        self::assertSame(422, $this->answered());
    }

    public function testEveryStarterSetGoesInInOneWriteAndMakesItsLures(): void
    {
        $sets = self::documents($this->send('GET', '/api/parts/starter-sets'));
        self::assertCount(4, $sets);
        foreach (array_column($sets, 'parts') as $parts) {
            self::assertIsArray($parts);
            $this->send('POST', '/api/parts', $parts);
            self::assertSame(201, $this->answered());
        }
        foreach (['jig', 'swim_jig', 'bladed_jig', 'spinnerbait'] as $lure) {
            $best = $this->send('POST', '/api/best', ['reading' => ['lure' => $lure] + self::reading()]);
            self::assertIsArray($best);
            self::assertSame([], $best['lacking'], $lure);
            self::assertNotSame([], $best['ranked'], $lure);
        }
    }

    public function testLinesOfTextBecomePartsThatCanBeAddedAsTheyAre(): void
    {
        $text = "12 green pumpkin craw 3.5 in\n\n  4 3/8 oz black jig heads \r\n#4 gold willow blade\nfoo\n5 2/0 trailer hooks";
        $lines = self::documents($this->send('POST', '/api/parts/lines', ['text' => $text]));
        self::assertSame([1, 3, 4, 5, 6], array_column($lines, 'line'));
        self::assertSame([true, true, true, false, true], array_map(is_array(...), array_column($lines, 'part')));
        self::assertSame([], self::documents($this->send('GET', '/api/parts'))['parts']);
        $this->send('POST', '/api/parts', array_values(array_filter(array_column($lines, 'part'), is_array(...))));
        self::assertSame(201, $this->answered());
    }

    public function testAWordIsNotUnderstoodUntilItIsRememberedAndItsPartHasNoColorUntilThen(): void
    {
        $read = fn (): array => self::documents($this->send('POST', '/api/parts/lines', ['text' => "Craws:\n6 okie 3.5\""]));
        [$line] = $read();
        self::assertIsArray($line);
        self::assertSame([2, ['okie'], []], [$line['line'], $line['unknown'], $line['assumed']]);
        self::assertIsArray($line['part']);
        self::assertNull($line['part']['colour']);
        self::assertContains(['text' => 'okie', 'means' => null, 'unknown' => true], (array) $line['glosses']);
        $this->send('POST', '/api/parts', [$line['part']]);
        self::assertSame(422, $this->answered(), 'Nothing without a color is stored.');

        $this->send('POST', '/api/names', ['name' => 'Okie', 'colour' => 'green_pumpkin', 'accents' => ['chartreuse']]);
        self::assertSame(201, $this->answered());
        [$line] = $read();
        self::assertIsArray($line);
        self::assertIsArray($line['part']);
        self::assertSame([[], 'green_pumpkin', ['chartreuse'], '3.5 in craw, Okie'], [
            $line['unknown'], $line['part']['colour'], $line['part']['accents'], $line['part']['name'],
        ]);
        $this->send('POST', '/api/names', ['name' => '!!', 'colour' => 'teal', 'accents' => ['black', 'black', 'black', 'black']]);
        self::assertSame(['colour', 'name', 'accents'], array_keys($this->faults()));
    }

    public function testTooManyLinesAndNoneAreToldByField(): void
    {
        foreach (['' => 'Write at least one part.', str_repeat("black craw\n", 201) => '201 lines are too many.'] as $text => $says) {
            $this->send('POST', '/api/parts/lines', ['text' => $text]);
            self::assertSame(422, $this->answered());
            self::assertStringContainsString($says, $this->said());
        }
    }

    /** @return array<mixed> */
    private static function documents(mixed $list): array
    {
        self::assertIsArray($list);

        return $list;
    }
}
