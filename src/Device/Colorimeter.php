<?php

declare(strict_types=1);

namespace App\Device;

use Kontrast\Material\Xyz;

/** Talks to a hand colorimeter over TCP on this machine; the line protocol is told in docs/colorimeter.md. */
final readonly class Colorimeter
{
    /** Paper is 100; whiteners bring a little more. (Chosen.) */
    private const MOST_TRISTIMULUS = 150.0;
    private const NUMBER = '(-?\d+(?:\.\d+)?)';

    public function __construct(private int $meterPort)
    {
    }

    /**
     * Several readings of what lies under it.
     *
     * @return non-empty-list<Xyz> under D65, the white of paper at Y = 1
     *
     * @throws NoDevice where it does not answer, or not as it should
     */
    public function read(int $times): array
    {
        $talk = LineTalk::with(DeviceName::Colorimeter, "127.0.0.1:{$this->meterPort}");
        try {
            $greeting = $talk->ask('HELLO');
            if (!str_starts_with($greeting, 'COLORIMETER ')) {
                throw NoDevice::said(DeviceName::Colorimeter, $greeting);
            }
            $readings = [];
            for ($i = 0; $i < max(1, $times); ++$i) {
                $answer = $talk->ask('READ');
                if (1 !== preg_match('/^XYZ '.self::NUMBER.' '.self::NUMBER.' '.self::NUMBER.'$/', $answer, $m)) {
                    throw NoDevice::said(DeviceName::Colorimeter, $answer);
                }
                $values = array_map(floatval(...), \array_slice($m, 1));
                if (min($values) < 0.0 || max($values) > self::MOST_TRISTIMULUS) {
                    throw NoDevice::outOfRange($answer);
                }
                $readings[] = new Xyz($values[0] / 100, $values[1] / 100, $values[2] / 100);
            }
        } finally {
            $talk->end();
        }

        return [] !== $readings ? $readings : throw NoDevice::said(DeviceName::Colorimeter, 'nothing');
    }
}
