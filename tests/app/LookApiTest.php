<?php

declare(strict_types=1);

namespace Tests\app;

use Kontrast\Lure\Colour;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

final class LookApiTest extends ApiTestCase
{
    public function testALookIsAnsweredInThePublishedShape(): void
    {
        $request = self::request();
        Schema::assertValid('look-request', (string) json_encode($request));
        $this->send('POST', '/api/look', $request);
        self::assertSame(200, $this->answered());
        Schema::assertValid('look', $this->said());
    }

    public function testFlashFiguresAreForMetalAlone(): void
    {
        $look = $this->send('POST', '/api/look', self::request());
        self::assertIsArray($look);
        self::assertIsArray($look['parts']);
        $flash = array_column($look['parts'], 'flash_range_in', 'id');
        self::assertNull($flash['white']);
        self::assertIsFloat($flash['silver']);
    }

    /** @param array<string, mixed> $change */
    #[DataProvider('badRequests')]
    public function testWhatCannotBeLookedAtIsToldInASentence(array $change, string $field, string $says): void
    {
        $this->send('POST', '/api/look', array_replace_recursive(self::request(), $change));
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey($field, $this->faults());
        self::assertStringContainsString($says, $this->faults()[$field]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badRequests(): iterable
    {
        yield 'clearer than pure water' => [
            ['reading' => ['visibility_in' => 99000]],
            'reading.visibility_in',
            'clearer than pure water allows under this sky. The largest value here is',
        ];
        yield 'no colour' => [['parts' => [['hex' => 'red']]], 'parts[0].hex', 'Write it as #rrggbb'];
        yield 'a colour with a line end' => [['parts' => [['hex' => "#ffffff\n"]]], 'parts[0].hex', 'Write it as #rrggbb'];
        yield 'no colour at all' => [['parts' => [['hex' => null]]], 'parts[0].hex', 'A matte part needs its color'];
        yield 'no metal' => [['parts' => [2 => ['metal' => null]]], 'parts[2].metal', 'A metal part needs its metal'];
        yield 'lead' => [['parts' => [2 => ['metal' => 'lead']]], 'parts[2].metal', 'Allowed: silver, gold, copper.'];
        yield 'more than opaque' => [['parts' => [['opacity' => 1.01]]], 'parts[0].opacity', 'from 0 to 1'];
        yield 'less than nothing' => [['parts' => [['opacity' => -0.1]]], 'parts[0].opacity', 'from 0 to 1'];
        yield 'a pair that names no part' => [['pairs' => [['white', 'lamp']]], 'pairs[0][1]', 'There is no part with this id.'];
        yield 'a pair of three' => [['pairs' => [['white', 'black', 'white']]], 'pairs[0]', 'A pair is a list of two part ids.'];
        yield 'one id twice' => [['parts' => [1 => ['id' => 'white']]], 'parts[1].id', 'Another part already has this id.'];
        yield 'from above' => [['from' => 'above'], 'from', 'Allowed: side, below.'];
        yield 'a bad reading' => [['reading' => ['tint' => 'mauve']], 'reading.tint', 'Allowed: none, green, tannic, clay.'];
    }

    public function testAHundredThousandPartsAreRefusedBeforeTheyAreRead(): void
    {
        $this->send('POST', '/api/look', ['parts' => array_fill(0, 100_000, ['id' => 'x'])] + self::request());
        self::assertSame(422, $this->answered());
        self::assertSame('100000 are too many. The most allowed here is 500.', $this->faults()['parts']);
    }

    public function testTheExtremesComeOutAsNumbers(): void
    {
        foreach ([
            ['visibility_in' => 0.0001],
            ['visibility_in' => 3000, 'depth_ft' => 100],
            ['sky' => 'night', 'depth_ft' => 100],
            ['sun_elevation_deg' => 0],
        ] as $change) {
            foreach (['side', 'below'] as $from) {
                $request = self::request();
                self::assertIsArray($request['reading']);
                $this->send('POST', '/api/look', ['reading' => array_replace($request['reading'], $change), 'from' => $from] + $request);
                self::assertSame(200, $this->answered(), json_encode($change).$from);
                self::assertDoesNotMatchRegularExpression('/NAN|INF|nan|inf/', $this->said());
            }
        }
    }

    public function testASceneFollowsThePartsOutUntilTheyAreWater(): void
    {
        $scene = $this->send('POST', '/api/scene', self::request());
        self::assertSame(200, $this->answered());
        self::assertIsArray($scene);
        self::assertIsArray($scene['parts']);
        self::assertIsArray($scene['distances_in']);
        $white = $scene['parts'][0];
        self::assertIsArray($white);
        self::assertIsArray($white['person']);
        self::assertCount(\count($scene['distances_in']), $white['person']);
        self::assertNotSame($scene['water_person'], $white['person'][0]);
        self::assertSame($scene['water_person'], end($white['person']), 'Beyond its range a part has the colour of the water.');
    }

    public function testASceneHasItsWaterFromTopToBottomAndThreeTonesOfEachPart(): void
    {
        foreach (['side' => [30, -30], 'below' => [0, 65]] as $from => [$first, $last]) {
            $scene = $this->send('POST', '/api/scene', ['from' => $from] + self::request());
            self::assertSame(200, $this->answered());
            self::assertIsArray($scene);
            self::assertIsArray($scene['gradient']);
            $angles = array_column($scene['gradient'], 'angle_deg');
            self::assertSame([$first, $last], [$angles[0], $angles[\count($angles) - 1]]);
            self::assertIsArray($scene['distances_in']);
            self::assertIsArray($scene['parts']);
            foreach (['blur_in', 'glow', 'left'] as $field) {
                self::assertIsArray($scene[$field]);
                self::assertCount(\count($scene['distances_in']), $scene[$field]);
            }
            foreach ($scene['parts'] as $part) {
                self::assertIsArray($part);
                self::assertIsArray($part['tones']);
                self::assertCount(3, $part['tones']);
            }
        }
    }

    /** A flash of silver in sun, and nothing of the kind of what does not shine. */
    public function testAMetalPartHasItsTurnAndItsFlash(): void
    {
        $scene = $this->send('POST', '/api/scene', self::request());
        self::assertIsArray($scene);
        self::assertIsArray($scene['parts']);
        $turns = array_column($scene['parts'], 'turn', 'id');
        $flashes = array_column($scene['parts'], 'flash', 'id');
        self::assertArrayNotHasKey('white', array_filter($turns, static fn (mixed $turn): bool => null !== $turn));
        self::assertNull($flashes['white']);
        self::assertIsArray($turns['silver']);
        self::assertCount(12, $turns['silver']);
        self::assertIsArray($flashes['silver']);
        self::assertSame(['peak', 'mean', 'share'], array_keys($flashes['silver']));
        self::assertIsArray($scene['look']);
        self::assertIsArray($scene['look']['parts']);
        $atGlint = array_column($scene['look']['parts'], 'against_water_flash', 'id');
        self::assertSame($atGlint['silver'], $flashes['silver']['peak']);
    }

    public function testAPartMayBeCalledByANumber(): void
    {
        $request = ['pairs' => [], 'parts' => [['id' => '1', 'kind' => 'metal', 'metal' => 'gold']]] + self::request();
        foreach (['/api/scene', '/api/motion'] as $path) {
            $answer = $this->send('POST', $path, $request);
            self::assertSame(200, $this->answered(), $path);
            self::assertIsArray($answer);
            self::assertIsArray($answer['parts']);
            self::assertSame(['1'], array_column($answer['parts'], 'id'), $path);
        }
    }

    public function testTheBladesInMotionBelongToTheScene(): void
    {
        $scene = $this->send('POST', '/api/scene', self::request());
        $motion = $this->send('POST', '/api/motion', self::request());
        self::assertSame(200, $this->answered());
        self::assertIsArray($scene);
        self::assertIsArray($motion);
        self::assertIsArray($motion['parts']);
        self::assertSame(['silver'], array_column($motion['parts'], 'id'));
        $silver = $motion['parts'][0];
        self::assertIsArray($silver);
        self::assertIsArray($silver['turns']);
        self::assertIsArray($scene['distances_in']);
        self::assertCount(\count($scene['distances_in']), $silver['turns']);
        self::assertIsArray($silver['turns'][0]);
        self::assertIsArray($scene['parts']);
        self::assertSame(array_column($scene['parts'], 'turn', 'id')['silver'], $silver['turns'][0]['person']);
        self::assertSame([0, 4, 8, 12, 16, 20, 25, 30, 40, 50, 70, 90], $motion['angles_deg']);
    }

    public function testEveryDistanceOfALookComesWithTheSpanItMayHave(): void
    {
        $look = $this->send('POST', '/api/look', self::request());
        $spans = $this->send('POST', '/api/sensitivity', self::request());
        self::assertSame(200, $this->answered());
        self::assertIsArray($look);
        self::assertIsArray($spans);
        self::assertIsArray($look['parts']);
        self::assertIsArray($look['pairs']);
        self::assertIsArray($spans['parts']);
        self::assertIsArray($spans['pairs']);
        self::assertSame(array_column($look['parts'], 'id'), array_column($spans['parts'], 'id'));
        self::assertCount(\count($look['pairs']), $spans['pairs']);
        $parts = [$look['parts'], $spans['parts'], 'sight_range_in'];
        $pairs = [$look['pairs'], $spans['pairs'], 'split_range_in'];
        foreach ([$parts, $pairs] as [$of, $in, $field]) {
            foreach (array_column($in, $field) as $i => $span) {
                $figure = array_column($of, $field)[$i] ?? null;
                self::assertIsNumeric($figure);
                self::assertIsArray($span);
                [$least, $most] = $span;
                self::assertIsNumeric($least);
                self::assertIsNumeric($most);
                self::assertGreaterThanOrEqual($least - 0.02, $figure);
                self::assertLessThanOrEqual($most + 0.02, $figure);
            }
        }
        foreach (array_column($spans['parts'], 'flash_range_in') as $i => $span) {
            self::assertSame(null === array_column($look['parts'], 'flash_range_in')[$i], null === $span);
        }
        $this->send('POST', '/api/sensitivity', ['pairs' => [['white', 'nothing']]] + self::request());
        self::assertSame(422, $this->answered());
    }

    public function testTheModelGivesASecondOpinionOnFinishAndPairing(): void
    {
        $opinions = $this->send('POST', '/api/opinion', ['lure' => 'bladed_jig', 'forage' => 'bluegill'] + self::reading());
        self::assertSame(200, $this->answered());
        self::assertSame(['blades.finish', 'pairing'], array_column($opinions ?? [], 'pick'));
        $this->send('POST', '/api/opinion', ['lure' => 'jig', 'visibility_in' => 99000] + self::reading());
        self::assertSame(422, $this->answered());
        self::assertArrayHasKey('visibility_in', $this->faults());
    }

    public function testEveryColourWordIsSunk(): void
    {
        $depths = $this->send('POST', '/api/depths', ['reading' => self::reading(), 'from' => 'side']);
        self::assertIsArray($depths);
        self::assertIsArray($depths['colours']);
        self::assertCount(\count(Colour::cases()), $depths['colours']);
    }

    public function testTheCommandLineLooksToo(): void
    {
        $process = new Process(
            ['php', 'bin/console', 'kontrast:look', 'docs/examples/look-request-clay.json'],
            __DIR__.'/../..',
            ['APP_ENV' => 'test'],
        );
        $process->run();
        self::assertSame(0, $process->getExitCode(), $process->getErrorOutput());
        Schema::assertValid('look', $process->getOutput());
    }

    /** @return array<string, mixed> */
    private static function request(): array
    {
        return [
            'reading' => self::reading(),
            'from' => 'side',
            'parts' => [
                ['id' => 'white', 'kind' => 'matte', 'hex' => '#f4f4f0'],
                ['id' => 'black', 'kind' => 'matte', 'hex' => '#141414', 'fluorescent' => 'none', 'opacity' => 0.5],
                ['id' => 'silver', 'kind' => 'metal', 'metal' => 'silver'],
            ],
            'pairs' => [['white', 'black'], ['silver', 'white']],
        ];
    }
}
