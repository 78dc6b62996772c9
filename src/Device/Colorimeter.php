<?php

declare(strict_types=1);

namespace App\Device;

use Kontrast\Material\Xyz;

/** Talks to a hand colorimeter over TCP on this machine; the line protocol is told in docs/colorimeter.md. */
final readonly class Colorimeter
{
    private const PATIENCE_S = 2.0;
    /** For everything together, so that a device that answers a little at a time does not hold a request for ever. (Chosen.) */
    private const MOST_S = 10.0;
    /** Paper is 100; whiteners bring a little more. (Chosen.) */
    private const MOST_TRISTIMULUS = 150.0;
    private const NUMBER = '(-?\d+(?:\.\d+)?)';

    public function __construct(private int $port)
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
        $stream = @stream_socket_client("tcp://127.0.0.1:{$this->port}", $code, $message, self::PATIENCE_S);
        if (false === $stream) {
            throw NoDevice::silent($this->port);
        }
        stream_set_timeout($stream, (int) self::PATIENCE_S);
        try {
            $until = microtime(true) + self::MOST_S;
            $greeting = self::ask($stream, 'HELLO', $until);
            if (!str_starts_with($greeting, 'COLORIMETER ')) {
                throw NoDevice::said($greeting);
            }
            $readings = [];
            for ($i = 0; $i < max(1, $times); ++$i) {
                $answer = self::ask($stream, 'READ', $until);
                if (1 !== preg_match('/^XYZ '.self::NUMBER.' '.self::NUMBER.' '.self::NUMBER.'$/', $answer, $m)) {
                    throw NoDevice::said($answer);
                }
                $values = array_map(floatval(...), \array_slice($m, 1));
                if (min($values) < 0.0 || max($values) > self::MOST_TRISTIMULUS) {
                    throw NoDevice::outOfRange($answer);
                }
                $readings[] = new Xyz($values[0] / 100, $values[1] / 100, $values[2] / 100);
            }
            @fwrite($stream, "BYE\n");
        } finally {
            fclose($stream);
        }

        return [] !== $readings ? $readings : throw NoDevice::said('nothing');
    }

    /** @param resource $stream */
    private static function ask($stream, string $line, float $until): string
    {
        if (microtime(true) > $until) {
            throw NoDevice::slow();
        }
        @fwrite($stream, "$line\n");
        $answer = fgets($stream, 256);
        if (stream_get_meta_data($stream)['timed_out']) {
            throw NoDevice::slow();
        }

        return false === $answer ? throw NoDevice::said('nothing') : trim($answer);
    }
}
