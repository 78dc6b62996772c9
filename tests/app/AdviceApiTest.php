<?php

declare(strict_types=1);

namespace Tests\app;

use PHPUnit\Framework\Attributes\DataProvider;

final class AdviceApiTest extends ApiTestCase
{
    public function testAReadingIsAnsweredWithAnAdviceInThePublishedShape(): void
    {
        $this->send('POST', '/api/advice', self::reading());
        self::assertSame(200, $this->answered());
        Schema::assertValid('advice', $this->said());
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badReadings')]
    public function testABadFieldIsNamedWithWhatIsAllowed(array $change, string $field, string $says): void
    {
        $this->send('POST', '/api/advice', array_replace(self::reading(), $change));
        self::assertSame(422, $this->answered());
        self::assertSame('application/problem+json', $this->browser->getResponse()->headers->get('Content-Type'));
        self::assertArrayHasKey($field, $this->faults());
        self::assertStringContainsString($says, $this->faults()[$field]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badReadings(): iterable
    {
        yield 'a lure of another kind' => [['lure' => 'boat'], 'lure', 'Allowed: jig, swim_jig, spinnerbait, bladed_jig, any.'];
        yield 'a word for a number' => [['visibility_in' => 'two feet'], 'visibility_in', 'This must be a number.'];
        yield 'no visibility at all' => [['visibility_in' => 0], 'visibility_in', 'has to be above 0 in'];
        yield 'a negative depth' => [['depth_ft' => -1], 'depth_ft', 'above 0 ft'];
        yield 'a depth beyond the fishing' => [['depth_ft' => 101], 'depth_ft', 'at most 100 ft'];
        yield 'a sun over the zenith' => [['sun_elevation_deg' => 91], 'sun_elevation_deg', 'from 0 to 90'];
        yield 'ice' => [['surface_f' => 20], 'surface_f', '32 to 100'];
        yield 'nothing where something is needed' => [['sky' => null], 'sky', 'Allowed: sun, broken'];
        yield 'a field nobody knows' => [['moon' => 'full'], 'moon', 'Unknown field.'];
        yield 'a school nobody knows' => [['schools' => ['pairing' => 'guess']], 'schools.pairing', 'ladder, one_tone, forage_mix'];
        yield 'a question nobody asks' => [['schools' => ['hooks' => 'two']], 'schools.hooks', 'Unknown field.'];
        yield 'a colour that is none' => [['forage_colours' => ['white', 'mauve']], 'forage_colours[1]', 'Allowed: white'];
        yield 'a colour twice' => [['forage_colours' => ['white', 'white']], 'forage_colours', 'once'];
        yield 'a list for a word' => [['tint' => ['clay']], 'tint', 'A list is not allowed here.'];
        yield 'a number for yes or no' => [['red_crawfish' => 1], 'red_crawfish', 'true, false'];
    }

    public function testEveryFaultIsToldAtOnce(): void
    {
        $this->send('POST', '/api/advice', ['lure' => 'boat', 'visibility_in' => -1]);
        $faults = $this->faults();
        foreach ([
            'lure', 'visibility_in', 'tint', 'sky', 'wind', 'depth_ft', 'season', 'cover', 'cover_density', 'forage', 'red_crawfish',
            'bite', 'bass',
        ] as $field) {
            self::assertArrayHasKey($field, $faults);
        }
    }

    #[DataProvider('noDocuments')]
    public function testWhatIsNoDocumentIsToldSo(string $body): void
    {
        $this->send('POST', '/api/advice', $body);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('JSON', $this->faults()['']);
    }

    /** @return iterable<string, array{string}> */
    public static function noDocuments(): iterable
    {
        yield 'nothing' => [' '];
        yield 'half a file' => ['{"lure": "ji'];
        yield 'a list' => ['[1, 2]'];
        yield 'a number' => ['7'];
        yield 'a text' => ['"jig"'];
        yield 'bad bytes' => ["{\"lure\": \"\xff\"}"];
    }

    public function testANumberTooLargeToHoldIsAFaultAndNotAnInfinity(): void
    {
        $this->send(
            'POST',
            '/api/advice',
            str_replace('"visibility_in":20', '"visibility_in":1e999', (string) json_encode(self::reading())),
        );
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey('visibility_in', $this->faults());
    }

    public function testReasonsCarryTheRulesThatSpokeForAndAgainst(): void
    {
        $advice = $this->send(
            'POST',
            '/api/advice',
            ['lure' => 'bladed_jig', 'forage' => 'bluegill', 'visibility_in' => 27, 'wind' => 'calm'] + self::reading(),
        );
        self::assertIsArray($advice);
        self::assertIsArray($advice['reasons']);
        $finish = array_values(
            array_filter($advice['reasons'], static fn (mixed $reason): bool => \is_array($reason) && 'blades.finish' === $reason['pick']),
        )[0] ?? null;
        self::assertIsArray($finish);
        self::assertSame('gold', $finish['value']);
        self::assertSame('copper', $finish['runner_up']);
        self::assertIsArray($finish['for']);
        self::assertIsArray($finish['against']);
        self::assertContains('B9', array_column($finish['against'], 'rule'));
    }

    /** lure "any": the kind that the ranking puts first, and everything else for that kind. */
    public function testAnyLureIsTheBestOfTheRanking(): void
    {
        foreach (['grass', 'rock', 'dock', 'open'] as $cover) {
            $reading = ['lure' => 'any', 'cover' => $cover, 'surface_f' => 'rock' === $cover ? 45 : 70] + self::reading();
            $advice = $this->send('POST', '/api/advice', $reading);
            \assert(\is_array($advice) && \is_array($advice['lure_ranking']));
            self::assertSame(200, $this->answered());
            self::assertSame($advice['lure'], self::textAt($advice, 'lure_ranking', 0, 'lure'));
            self::assertCount(4, $advice['lure_ranking']);
            $named = $this->send('POST', '/api/advice', ['lure' => $advice['lure']] + $reading);
            self::assertSame($named, $advice);
        }
    }

    public function testEveryPickCanBeExplained(): void
    {
        $advice = $this->send('POST', '/api/advice', self::reading());
        \assert(\is_array($advice) && \is_array($advice['reasons']) && \is_array($advice['firmness']));
        foreach ($advice['reasons'] as $reason) {
            \assert(\is_array($reason) && \is_string($reason['pick']));
            $explained = $this->send('POST', '/api/explain', ['reading' => self::reading(), 'pick' => $reason['pick']]);
            \assert(\is_array($explained) && \is_array($explained['values']) && \is_array($explained['votes']));
            self::assertContains($reason['value'], $explained['values'], $reason['pick']);
            self::assertContains($reason['rule'], array_column($explained['votes'], 'rule'), $reason['pick']);
            self::assertSame($advice['firmness'][$reason['pick']] ?? null, $explained['firmness']);
        }
    }

    public function testAPickThatALureLacksIsNamed(): void
    {
        $problem = $this->send('POST', '/api/explain', ['reading' => ['lure' => 'jig'] + self::reading(), 'pick' => 'blades.finish']);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('This lure has no such pick.', (string) json_encode($problem));
    }

    /** One answer for a page is what its parts are when each is asked for alone. */
    public function testThePageOfAnAdviceIsThatAdviceWithItsLookOpinionsAndChanges(): void
    {
        $before = ['lure' => 'jig', 'visibility_in' => 9, 'forage' => 'crawfish'] + Samples::reading();
        $reading = ['lure' => 'jig', 'visibility_in' => 30, 'forage' => 'crawfish'] + Samples::reading();
        foreach (['side' => 'look_pairs', 'below' => 'look_pairs_below'] as $from => $pairs) {
            $view = $this->send('POST', '/api/advice/view', ['reading' => $reading, 'from' => $from, 'before' => $before]);
            self::assertSame(200, $this->answered());
            self::assertIsArray($view);
            $advice = $this->send('POST', '/api/advice', $reading);
            self::assertIsArray($advice);
            self::assertSame($advice, $view['advice']);
            self::assertSame($this->send('POST', '/api/opinion', $reading), $view['opinions']);
            self::assertSame($this->send('POST', '/api/changes', ['before' => $before, 'after' => $reading]), $view['changes']);
            $look = ['reading' => $reading, 'from' => $from, 'parts' => $advice['look_parts'], 'pairs' => $advice[$pairs]];
            self::assertSame($this->send('POST', '/api/scene', $look), $view['scene']);
        }
    }

    public function testWithNoReadingBeforeNothingHasChanged(): void
    {
        $view = $this->send('POST', '/api/advice/view', ['reading' => Samples::reading(), 'from' => 'side']);
        self::assertSame([], $view['changes'] ?? null);
    }

    public function testAWaterClearerThanAnyIsRefusedByField(): void
    {
        $this->send('POST', '/api/advice/view', ['reading' => ['visibility_in' => 90000] + Samples::reading(), 'from' => 'side']);
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey('reading.visibility_in', $this->faults());
    }
}
