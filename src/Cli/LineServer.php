<?php

declare(strict_types=1);

namespace App\Cli;

use App\Device\LineDevice;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Output\OutputInterface;

/** Serves a simulated device until it is stopped. One caller at a time, as with the instrument it stands for. */
final class LineServer
{
    private const FOR_EVER_S = 1e9;
    private const PATIENCE_S = 10;
    /** However busily a caller talks, the next one gets a turn. */
    private const MOST_A_CALLER_S = 30.0;

    /** @return int the status to end with */
    public static function run(LineDevice $device, string $address, string $name, OutputInterface $output): int
    {
        $server = @stream_socket_server("tcp://$address", $code, $message);
        if (false === $server) {
            $output->writeln("$address is taken: $message");

            return Command::FAILURE;
        }
        $output->writeln("The simulated $name listens on $address.");
        while (false !== ($caller = @stream_socket_accept($server, self::FOR_EVER_S))) {
            stream_set_timeout($caller, self::PATIENCE_S);
            self::serve($caller, $device);
            fclose($caller);
        }

        return Command::SUCCESS;
    }

    /** @param resource $caller */
    private static function serve($caller, LineDevice $device): void
    {
        $until = microtime(true) + self::MOST_A_CALLER_S;
        while (microtime(true) < $until && false !== ($line = fgets($caller, 256))) {
            $answer = $device->answer($line);
            if (null === $answer) {
                return;
            }
            if (false === @fwrite($caller, "$answer\n")) {
                return;
            }
        }
    }
}
