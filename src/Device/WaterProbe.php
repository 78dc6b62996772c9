<?php

declare(strict_types=1);

namespace App\Device;

/** Talks to a water probe over TCP; the line protocol is told in docs/services.md. */
final readonly class WaterProbe
{
    /** Water that is not ice, up to a hot spring; clearer than this no lake is. (Chosen.) */
    private const TEMPERATURE_F = [31.0, 110.0];
    private const CLARITY_IN = [0.2, 1000.0];

    public function __construct(private string $probeAddress)
    {
    }

    /**
     * @return array{surface_f: float, visibility_in: float}
     *
     * @throws NoDevice where it does not answer, or not as it should
     */
    public function read(): array
    {
        $talk = LineTalk::with(DeviceName::WaterProbe, $this->probeAddress);
        try {
            $greeting = $talk->ask('HELLO');
            if (!str_starts_with($greeting, 'PROBE ')) {
                throw NoDevice::said(DeviceName::WaterProbe, $greeting);
            }

            return [
                'surface_f' => self::number($talk->ask('TEMP'), 'TEMP_F', self::TEMPERATURE_F),
                'visibility_in' => self::number($talk->ask('CLARITY'), 'CLARITY_IN', self::CLARITY_IN),
            ];
        } finally {
            $talk->end();
        }
    }

    /** @param array{float, float} $between */
    private static function number(string $answer, string $what, array $between): float
    {
        if (1 !== preg_match("/^$what (-?\d+(?:\.\d+)?)$/", $answer, $m)) {
            throw NoDevice::said(DeviceName::WaterProbe, $answer);
        }

        return (float) $m[1] >= $between[0] && (float) $m[1] <= $between[1] ? (float) $m[1] : throw NoDevice::impossibleWater($answer);
    }
}
