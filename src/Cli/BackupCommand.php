<?php

declare(strict_types=1);

namespace App\Cli;

use App\Persistence\WholeFile;
use App\UseCase\Backup\MakeBackup;
use Symfony\Component\Clock\ClockInterface;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\Filesystem\Filesystem;

/** Writes everything stored into a file of its day, and keeps those of the last month. Settings restores one. */
#[AsCommand('kontrast:backup', 'Write everything stored into a file of today; the last 30 stay')]
final class BackupCommand extends Command
{
    private const KEPT = 30;

    public function __construct(
        private readonly MakeBackup $make,
        private readonly ClockInterface $clock,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addArgument('folder', InputArgument::REQUIRED, 'Where to write it');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $folder = $input->getArgument('folder');
        \assert(\is_string($folder));
        $files = new Filesystem();
        $file = \sprintf('%s/kontrast-%s.json', rtrim($folder, '/'), $this->clock->now()->format('Y-m-d'));
        $before = umask(0o077);
        try {
            WholeFile::write($file, $this->make->write(...));
            $all = glob(rtrim($folder, '/').'/kontrast-????-??-??.json');
            $all = false === $all ? [] : $all;
            sort($all);
            $files->remove(\array_slice($all, 0, -self::KEPT));
        } catch (IOException $error) {
            Errors::tell($output, "The backup cannot be written to $folder: {$error->getMessage()}");

            return Command::FAILURE;
        } finally {
            umask($before);
        }
        $output->writeln($file);

        return Command::SUCCESS;
    }
}
