<?php

declare(strict_types=1);

namespace App\Cli;

use App\Device\DeviceName;
use App\Device\SimulatedColorimeter;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

#[AsCommand('kontrast:colorimeter', 'Run the simulated hand colorimeter on 127.0.0.1')]
final class ColorimeterCommand extends Command
{
    public function __construct(private readonly int $meterPort)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        return LineServer::run(new SimulatedColorimeter(), "127.0.0.1:{$this->meterPort}", DeviceName::Colorimeter->value, $output);
    }
}
