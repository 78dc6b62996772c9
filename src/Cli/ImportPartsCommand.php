<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Error\InvalidDocument;
use App\UseCase\Inventory\ImportParts;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Takes parts in from a table or JSON, telling how far it is. */
#[AsCommand('kontrast:import-parts', 'Import parts from CSV or JSON, all or none')]
final class ImportPartsCommand extends Command
{
    public function __construct(private readonly ImportParts $import)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The CSV or JSON file');
        $this->addOption('add-only', null, InputOption::VALUE_NONE, 'Do not change parts you already have');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        \assert(\is_string($file));
        $contents = is_file($file) ? file_get_contents($file) : false;
        if (false === $contents) {
            $output->writeln("There is no file $file to read.", OutputInterface::OUTPUT_RAW);

            return Command::INVALID;
        }
        try {
            $prepared = $this->import->prepare($contents, true === $input->getOption('add-only'));
            $done = $this->import->carryOut($prepared, static fn (int $done, int $of) => $output->writeln("$done of $of"));
        } catch (InvalidDocument $invalid) {
            $output->writeln($invalid->lines(), OutputInterface::OUTPUT_RAW);

            return Command::INVALID;
        }
        $output->writeln("{$done['added']} added, {$done['changed']} changed, {$done['same']} as they were.");

        return Command::SUCCESS;
    }
}
