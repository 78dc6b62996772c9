<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Error\InvalidDocument;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command that answers a JSON document with another: the answer on standard output, or nothing there, one line a fault
 * on standard error and exit status 2.
 */
abstract class DocumentCommand extends Command
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The document, or - for standard input');
    }

    /**
     * @return array<mixed> what is written out
     *
     * @throws InvalidDocument
     */
    abstract protected function answer(string $json): array;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        \assert(\is_string($file));
        try {
            $json = json_encode(
                $this->answer(self::contents($file)),
                \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR,
            );
        } catch (InvalidDocument $invalid) {
            Errors::tell($output, $invalid->lines());

            return Command::INVALID;
        }
        $output->writeln($json, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /** @throws InvalidDocument */
    public static function contents(string $file): string
    {
        if ('-' !== $file && !is_file($file)) {
            throw InvalidDocument::fault('file', "There is no file $file. Name a JSON file, or - for standard input.");
        }
        $contents = file_get_contents('-' === $file ? 'php://stdin' : $file);

        return false === $contents ? throw InvalidDocument::fault('file', "$file cannot be read.") : $contents;
    }
}
