<?php

declare(strict_types=1);

namespace App\Cli;

use App\Device\SimulatedColorimeter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Runs the simulated colorimeter until it is stopped. One caller at a time, as with the instrument it stands for. */
#[AsCommand('kontrast:colorimeter', 'Run the simulated hand colorimeter on 127.0.0.1')]
final class ColorimeterCommand extends Command
{
    private const FOR_EVER_S = 1e9;
    private const PATIENCE_S = 10;
    /** However busily a caller talks, the next one gets a turn. */
    private const MOST_A_CALLER_S = 30.0;

    public function __construct(private readonly int $port)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $server = @stream_socket_server("tcp://127.0.0.1:{$this->port}", $code, $message);
        if (false === $server) {
            $output->writeln("127.0.0.1:{$this->port} is taken: $message");

            return Command::FAILURE;
        }
        $output->writeln("The simulated colorimeter listens on 127.0.0.1:{$this->port}.");
        $device = new SimulatedColorimeter();
        while (false !== ($caller = @stream_socket_accept($server, self::FOR_EVER_S))) {
            stream_set_timeout($caller, self::PATIENCE_S);
            self::serve($caller, $device);
            fclose($caller);
        }

        return Command::SUCCESS;
    }

    /** @param resource $caller */
    private static function serve($caller, SimulatedColorimeter $device): void
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
