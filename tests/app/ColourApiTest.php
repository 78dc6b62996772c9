<?php

declare(strict_types=1);

namespace Tests\app;

use App\Device\Colorimeter;
use App\Device\NoDevice;
use App\Device\SimulatedColorimeter;
use Kontrast\Material\Srgb;
use Kontrast\Vision\Ciede2000;
use Symfony\Component\Process\Process;

/** Colours read off a photo, and off the simulated colorimeter over its own protocol. */
final class ColourApiTest extends ApiTestCase
{
    private const PORT = 18422;

    public function testAnEmptyTextIsNoColor(): void
    {
        $sample = ['hex' => '', 'clipped' => 0];
        $this->send('POST', '/api/colour/photo', ['card' => [['hex' => '#ffffff', 'clipped' => 0]], 'part' => [$sample]]);
        self::assertSame(422, $this->answered());
        self::assertStringContainsString('is not a color', $this->faults()['part[0].hex']);
    }

    public function testAPhotoIsReadThroughItsCard(): void
    {
        $read = $this->send(
            'POST',
            '/api/colour/photo',
            [
                'card' => [['hex' => '#c8b48c', 'clipped' => 0]],
                'part' => [['hex' => '#4b3f20', 'clipped' => 0], ['hex' => '#4a3e21', 'clipped' => 0]],
            ],
        );
        self::assertSame(200, $this->answered());
        self::assertIsArray($read);
        self::assertSame([], $read['warnings']);
        self::assertIsString($read['hex']);
        self::assertNotSame('#4b3f20', $read['hex']);
        // A part of that very color in the picture tells the light as well as white paper does.
        $sample = [['hex' => '#8aa0b0', 'clipped' => 0]];
        $own = ['card' => $sample, 'part' => $sample, 'known' => '#a9c4d8'];
        self::assertSame('#a9c4d8', self::textAt($this->send('POST', '/api/colour/photo', $own), 'hex'));
        $this->send('POST', '/api/colour/photo', ['card' => [], 'part' => [['hex' => 'red', 'clipped' => 2]]]);
        self::assertSame(['card', 'part[0].hex', 'part[0].clipped'], array_keys($this->faults()));
    }

    public function testAPatchIsReadThroughItsCardOrAKnownPart(): void
    {
        $card = [['hex' => '#f3f3f3', 'clipped' => 0]];
        $pixels = [...array_fill(0, 75, '#55512b'), ...array_fill(0, 25, '#e8641c')];
        foreach ([[], ['known' => '#f3f3f3']] as $known) {
            $read = $this->send('POST', '/api/colour/patch', ['card' => $card, 'pixels' => $pixels] + $known);
            self::assertSame(200, $this->answered());
            self::assertIsArray($read);
            self::assertIsArray($read['colours']);
            self::assertSame([['green_pumpkin', 'orange'], []], [array_column($read['colours'], 'nearest'), $read['warnings']]);
            self::assertEquals([0.75, 0.25], array_column($read['colours'], 'share'));
        }
        $dark = $this->send('POST', '/api/colour/patch', ['card' => $card, 'pixels' => $pixels, 'known' => '#141414']);
        self::assertStringContainsString('known color is too dark', self::textAt($dark, 'warnings', '0'));
    }

    public function testAPatchThatIsNoneIsRefusedByItsField(): void
    {
        $this->send('POST', '/api/colour/patch', ['card' => [], 'pixels' => ['#123456', 'red'], 'known' => 'white']);
        self::assertSame(422, $this->answered());
        self::assertEqualsCanonicalizing(['card', 'pixels[1]', 'known'], array_keys($this->faults()));
        $card = [['hex' => '#f3f3f3', 'clipped' => 0]];
        $this->send('POST', '/api/colour/patch', ['card' => $card, 'pixels' => array_fill(0, 2501, '#123456')]);
        self::assertSame(['pixels'], array_keys($this->faults()));
    }

    public function testTheSimulatedInstrumentSpeaksItsProtocol(): void
    {
        $device = new SimulatedColorimeter();
        self::assertSame('COLORIMETER 1 simulated', $device->answer("HELLO\n"));
        self::assertSame('OK', $device->answer('LAY #55512b'));
        self::assertMatchesRegularExpression('/^XYZ \d+\.\d{3} \d+\.\d{3} \d+\.\d{3}$/', (string) $device->answer('READ'));
        self::assertStringStartsWith('ERR', (string) $device->answer('LAY mauve'));
        self::assertStringStartsWith('ERR', (string) $device->answer('FORMAT C:'));
        self::assertNull($device->answer('BYE'));
    }

    public function testReadingsAreTakenOverTheWire(): void
    {
        $device = new Process(
            ['php', 'bin/console', 'kontrast:colorimeter'],
            __DIR__.'/../..',
            ['APP_ENV' => 'test', 'KONTRAST_METER_PORT' => (string) self::PORT],
        );
        $device->start();
        try {
            $device->waitUntil(static fn (string $type, string $output): bool => str_contains($output, 'listens'));
            $readings = (new Colorimeter(self::PORT))->read(3);
            self::assertCount(3, $readings);
            foreach ($readings as $xyz) {
                self::assertLessThan(
                    1.0,
                    Ciede2000::between(Srgb::hex('#5b5531')->toLab(), Srgb::nearest($xyz)->toLab()),
                    'The first plastic of the tray, give or take the noise.',
                );
            }
            self::assertNotEquals($readings[0], $readings[1]);
            self::assertLessThan(
                1.0,
                Ciede2000::between(Srgb::hex('#3f2a1d')->toLab(), Srgb::nearest((new Colorimeter(self::PORT))->read(1)[0])->toLab()),
                'The second.',
            );
        } finally {
            $device->stop(1, \SIGKILL);
        }
    }

    public function testWithoutAnInstrumentItSaysHowToStartOne(): void
    {
        try {
            (new Colorimeter(1))->read(1);
            self::fail('Nothing listens there.');
        } catch (NoDevice $none) {
            self::assertStringContainsString('./kontrast colorimeter', $none->getMessage());
        }
        $this->send('POST', '/api/colour/colorimeter');
        self::assertSame(503, $this->answered());
        self::assertStringContainsString('Start the simulated colorimeter', $this->said());
    }
}
