<?php

declare(strict_types=1);

namespace App\Device;

/** A conversation with a device, line by line over TCP, that never waits for ever. */
final class LineTalk
{
    private const PATIENCE_S = 2.0;
    /** For everything together, so that a device that answers a little at a time does not hold a request for ever. (Chosen.) */
    private const MOST_S = 10.0;
    private const MOST_LINE = 256;

    /** @param resource $stream */
    private function __construct(private $stream, private readonly DeviceName $device, private readonly float $until)
    {
    }

    /**
     * @param string $address 127.0.0.1:8422
     *
     * @throws NoDevice where nobody answers
     */
    public static function with(DeviceName $device, string $address): self
    {
        $stream = @stream_socket_client("tcp://$address", $code, $message, self::PATIENCE_S);
        if (false === $stream) {
            throw NoDevice::silent($device, $address);
        }
        stream_set_timeout($stream, (int) self::PATIENCE_S);

        return new self($stream, $device, microtime(true) + self::MOST_S);
    }

    /** @throws NoDevice where it takes too long, or says nothing */
    public function ask(string $line): string
    {
        if (microtime(true) > $this->until) {
            throw NoDevice::slow($this->device);
        }
        @fwrite($this->stream, "$line\n");
        $answer = fgets($this->stream, self::MOST_LINE);
        if (stream_get_meta_data($this->stream)['timed_out']) {
            throw NoDevice::slow($this->device);
        }

        return false === $answer ? throw NoDevice::said($this->device, 'nothing') : trim($answer);
    }

    public function end(): void
    {
        @fwrite($this->stream, "BYE\n");
        fclose($this->stream);
    }
}
