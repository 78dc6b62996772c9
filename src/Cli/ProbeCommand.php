<?php

declare(strict_types=1);

namespace App\Cli;

use App\Device\DeviceName;
use App\Device\SimulatedWaterProbe;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('kontrast:probe', 'Run the simulated water probe on 127.0.0.1')]
final class ProbeCommand extends Command
{
    public function __construct(private readonly string $probeAddress)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return LineServer::run(new SimulatedWaterProbe(), $this->probeAddress, DeviceName::WaterProbe->value, $output);
    }
}
