<?php

declare(strict_types=1);

namespace App\Device;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Stands in for a water probe on the boat: answers the line protocol of docs/services.md for a made-up spring flowage. */
final class SimulatedWaterProbe implements LineDevice
{
    private const TEMPERATURE_F = 61.0;
    private const CLARITY_IN = 26.0;
    private const NOISE_F = 0.4;
    private const NOISE_IN = 2.0;

    private readonly Randomizer $dice;

    public function __construct(int $seed = 11)
    {
        $this->dice = new Randomizer(new Mt19937($seed));
    }

    public function answer(string $line): ?string
    {
        return match (trim($line)) {
            'HELLO' => 'PROBE 1 simulated',
            'TEMP' => \sprintf('TEMP_F %.1f', self::TEMPERATURE_F + self::NOISE_F * $this->off()),
            'CLARITY' => \sprintf('CLARITY_IN %.1f', self::CLARITY_IN + self::NOISE_IN * $this->off()),
            'BYE' => null,
            default => 'ERR unknown: say HELLO, TEMP, CLARITY or BYE',
        };
    }

    /** @return float -1 to 1 */
    private function off(): float
    {
        return $this->dice->getInt(-1000, 1000) / 1000;
    }
}
