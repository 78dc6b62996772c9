<?php

declare(strict_types=1);

namespace App\Cli;

use App\UseCase\Doctor\CheckUp;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Formatter\OutputFormatter;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** Says what is well and what to do about the rest. */
#[AsCommand('kontrast:doctor', 'Check the ports, the database and its folder; exit 1 if something is wrong')]
final class DoctorCommand extends Command
{
    public function __construct(private readonly CheckUp $checkUp)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('before-start', null, InputOption::VALUE_NONE, 'Check only what would prevent a start, and print only problems');
        $this->addOption('beside', null, InputOption::VALUE_NONE, 'The same without the ports, for what may run while Kontrast serves');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $isBeside = true === $input->getOption('beside');
        $isBrief = $isBeside || true === $input->getOption('before-start');
        $isWell = true;
        $errors = Errors::stream($output);
        foreach ($isBrief ? $this->checkUp->beforeStarting(!$isBeside) : $this->checkUp->thoroughly() as $point) {
            $isWell = $isWell && $point->isWell;
            if ($isBrief && !$point->isWell) {
                $errors->writeln(OutputFormatter::escape($point->says));
            }
            if (!$isBrief) {
                $output->writeln(
                    OutputFormatter::escape(\sprintf('%-5s %s: %s', $point->isWell ? 'well' : 'WRONG', $point->name, $point->says)),
                );
            }
        }

        return $isWell ? Command::SUCCESS : Command::FAILURE;
    }
}
