<?php

declare(strict_types=1);

namespace App\Device;

use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a hand colorimeter: answers the line protocol of docs/colorimeter.md. Under it lies a tray of made-up plastics, and every
 * reading of one
 * differs a little from the last, as a real instrument's would.
 */
final class SimulatedColorimeter implements LineDevice
{
    /** How much light of one reading may differ from that of the next. (Chosen: about half a CIEDE2000.) */
    private const NOISE = 0.01;
    private const TRAY = ['#5b5531', '#3f2a1d', '#e7e2d2', '#1b2433', '#c9dd31', '#7a2a22', '#8a8f8c', '#2c4a8e'];

    private readonly Randomizer $dice;
    private int $next = 0;
    private Srgb $sample;

    public function __construct(int $seed = 7)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
        $this->sample = Srgb::hex(self::TRAY[0]);
    }

    public function answer(string $line): ?string
    {
        $line = trim($line);

        return match (true) {
            'HELLO' === $line => $this->hello(),
            'READ' === $line => $this->reading(),
            'BYE' === $line => null,
            1 === preg_match('/^LAY (#[0-9a-f]{6})$/i', $line, $m) => $this->lay($m[1]),
            default => 'ERR unknown: say HELLO, READ, LAY #rrggbb or BYE',
        };
    }

    /** Somebody lays the next plastic of the tray under it before they connect. */
    private function hello(): string
    {
        $this->sample = Srgb::hex(self::TRAY[$this->next++ % \count(self::TRAY)]);

        return 'COLORIMETER 1 simulated';
    }

    private function lay(string $hex): string
    {
        $this->sample = Srgb::hex($hex);

        return 'OK';
    }

    private function reading(): string
    {
        $xyz = $this->sample->toXyz();
        $gain = 1 + self::NOISE * ($this->dice->getInt(-1000, 1000) / 1000);
        $read = new Xyz($xyz->x * $gain, $xyz->y * $gain, $xyz->z * $gain);

        return \sprintf('XYZ %.3f %.3f %.3f', 100 * $read->x, 100 * $read->y, 100 * $read->z);
    }
}
