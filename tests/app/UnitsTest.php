<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

/** With metric units chosen no sentence of the program holds an inch, a foot, an ounce, a pound or a degree Fahrenheit. */
final class UnitsTest extends ApiTestCase
{
    private const TRADE = '/[\d¼½¾⅛⅜⅝⅞] ?(?:in|oz|ft|lb|°F)(?![a-z])|\b(?:inch(?:es)?|feet|foot|ounces?|pounds?)\b/u';
    /** A blade and a hook are bought by their number, small hardware by what stands on its package. */
    private const PARTS = __DIR__.'/../../demo/parts.csv';

    #[DataProvider('asked')]
    public function testSentencesSayTheUnitsChosen(string $method, string $path, mixed $body): void
    {
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(self::PARTS)]);
        $said = [];
        foreach (['us', 'metric'] as $units) {
            $this->send('PUT', '/api/settings', ['units' => $units, 'theme' => 'paper'], ['HTTP_IF_MATCH' => '*']);
            $this->send($method, $path, $body);
            self::assertSame(200, $this->answered(), $this->said());
            $said[$units] = self::sentences($this->said());
        }
        self::assertNotSame([], preg_grep(self::TRADE, $said['us']), 'There is something to be said otherwise.');
        self::assertSame([], preg_grep(self::TRADE, $said['metric']));
        self::assertCount(\count($said['us']), $said['metric']);
    }

    /** @return iterable<string, array{string, string, mixed}> */
    public static function asked(): iterable
    {
        $trip = (array) json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/trip-tamarack.json'), true);
        $reading = (array) json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/reading-clay-jig.json'), true);
        $cold = ['surface_f' => 44, 'season' => 'early_spring', 'cover' => 'rock', 'visibility_in' => 17] + $reading;
        yield 'an advice' => ['POST', '/api/advice', $reading];
        yield 'one for cold water' => ['POST', '/api/advice', $cold];
        yield 'the rules' => ['GET', '/api/rules', null];
        yield 'the facts' => ['GET', '/api/palette', null];
        $mistakes = ['lesson' => 'mistake', 'seed' => 7, 'count' => 10, 'first' => [], 'owned' => false];
        yield 'what is wrong here' => ['POST', '/api/practice', $mistakes];
        yield 'a plan' => ['POST', '/api/trips/plan', ['lures' => ['jig'], 'covers' => ['wood']] + $trip];
        $lines = "10 g jig head black\nblack craw\n12 gp craws 9 cm\nwhite jig head\nblack craw 90 cm\n300 g jig head black";
        yield 'a pasted list of parts' => ['POST', '/api/parts/lines', ['text' => $lines]];
        yield 'the best builds' => ['POST', '/api/best', ['reading' => $reading]];
    }

    /** The field of a document is in the trade's unit; how far it goes is said in the angler's. */
    public function testHowFarAFieldGoesIsToldInThem(): void
    {
        $reading = (array) json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/reading-clay-jig.json'), true);
        $head = ['weight_oz' => 9] + Samples::head();
        $said = [];
        foreach (['us', 'metric'] as $units) {
            $this->send('PUT', '/api/settings', ['units' => $units, 'theme' => 'paper'], ['HTTP_IF_MATCH' => '*']);
            foreach ([['surface_f' => 20] + $reading, ['trend_f' => -50] + $reading, ['depth_ft' => 400] + $reading] as $wrong) {
                $this->send('POST', '/api/advice', $wrong);
                self::assertSame(422, $this->answered());
                $said[$units][] = implode(' ', $this->faults());
            }
            $this->send('POST', '/api/parts', [$head]);
            $said[$units][] = implode(' ', $this->faults());
        }
        self::assertSame([
            '20 °F is not allowed here. Surface temperature runs from 32 to 100 °F.',
            '-50 °F is not allowed here. A change over three days runs from -40 to 40 °F.',
            '400 ft is not allowed here. Depth has to be above 0 ft and at most 100 ft.',
            '9 oz is not allowed here. A head’s weight has to be above 0 oz and at most 4 oz.',
        ], $said['us']);
        self::assertSame([
            '-7 °C is not allowed here. Surface temperature runs from 0 to 38 °C.',
            '-28 °C is not allowed here. A change over three days runs from -22 to 22 °C.',
            '122 m is not allowed here. Depth has to be above 0 cm and at most 30 m.',
            '255 g is not allowed here. A head’s weight has to be above 0 g and at most 113 g.',
        ], $said['metric']);
    }

    public function testWhatIsTooClearIsToldInThem(): void
    {
        $this->send('PUT', '/api/settings', ['units' => 'metric', 'theme' => 'paper'], ['HTTP_IF_MATCH' => '*']);
        $look = (array) json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/look-request-clay.json'), true);
        $this->send('POST', '/api/scene', ['reading' => ['visibility_in' => 99000] + (array) $look['reading']] + $look);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('The largest value here is', $this->said());
        self::assertDoesNotMatchRegularExpression(self::TRADE, implode("\n", self::sentences($this->said())));
    }

    public function testWhatSomebodyWroteStaysLetterForLetter(): void
    {
        $this->send('PUT', '/api/settings', ['units' => 'metric', 'theme' => 'paper'], ['HTTP_IF_MATCH' => '*']);
        $water = ['name' => 'Quarry', 'tint' => 'none', 'red_crawfish' => false, 'note' => 'Carved in stone: ‹5 in›'];
        $json = ['CONTENT_TYPE' => 'application/json'];
        $this->browser->request('POST', '/api/waters', content: (string) json_encode($water), server: $json);
        self::assertSame(201, $this->answered(), $this->said());
        foreach (['/api/waters', '/api/backup', '/api/logbook'] as $path) {
            $this->browser->request('GET', $path);
            $said = (string) json_encode(json_decode($this->said()), \JSON_UNESCAPED_UNICODE);
            self::assertStringContainsString('‹5 in›', $said, $path);
        }
        // Nor does what a conflict shows of it.
        $this->browser->request('GET', '/api/waters');
        $stored = (array) json_decode($this->said(), true);
        $stale = ['HTTP_IF_MATCH' => '"v99"'] + $json;
        $address = '/api/waters/'.self::textAt($stored, 0, 'id');
        $this->browser->request('PUT', $address, content: (string) json_encode($water), server: $stale);
        self::assertSame(412, $this->answered(), $this->said());
        self::assertStringContainsString('‹5 in›', (string) json_encode(json_decode($this->said()), \JSON_UNESCAPED_UNICODE));
    }

    public function testTheCalendarSaysThem(): void
    {
        $this->send('POST', '/api/parts/import', ['contents' => (string) file_get_contents(self::PARTS)]);
        $this->send('PUT', '/api/settings', ['units' => 'metric', 'theme' => 'paper'], ['HTTP_IF_MATCH' => '*']);
        $trip = (array) json_decode((string) file_get_contents(__DIR__.'/../../docs/examples/trip-tamarack.json'), true);
        $short = ['lures' => ['jig'], 'covers' => ['wood'], 'visibility_in' => [20, 22, 60]] + $trip;
        $made = $this->send('POST', '/api/trips', ['name' => 'Saturday', 'trip' => $short]);
        $this->browser->request('GET', '/api/trips/'.self::textAt($made, 'id').'/calendar');
        $calendar = str_replace("\r\n ", '', $this->said());
        self::assertStringContainsString('cm visibility', $calendar);
        self::assertStringNotContainsString('‹', $calendar);
        self::assertStringNotContainsString(' in visibility', $calendar);
    }

    /** @return list<string> every text of an answer that is more than a word, without the names of the angler's own parts */
    private static function sentences(string $json): array
    {
        $own = [];
        foreach ((array) file(self::PARTS) as $line) {
            $own[] = str_getcsv((string) $line, escape: '')[1] ?? '';
        }
        usort($own, static fn (string $one, string $other): int => \strlen($other) <=> \strlen($one));
        $found = [];
        $decoded = (array) json_decode($json, true);
        array_walk_recursive($decoded, static function (mixed $value, int|string $key) use (&$found, $own): void {
            if (\is_string($value) && str_contains($value, ' ') && 'id' !== $key) {
                $found[] = str_replace($own, '', $value);
            }
        });

        return $found;
    }
}
