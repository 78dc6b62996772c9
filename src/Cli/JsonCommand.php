<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Error\InvalidDocument;
use Kontrast\Measure\Said;
use Kontrast\Measure\Units;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/**
 * A command that answers with a text for other programs, JSON mostly: on standard output, or nothing there, one line a fault on standard
 * error and exit status 2.
 */
abstract class JsonCommand extends Command
{
    /** @throws InvalidDocument */
    abstract protected function text(InputInterface $input): string;

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        try {
            $text = $this->text($input);
        } catch (InvalidDocument $invalid) {
            Errors::tell($output, $invalid->lines());

            return Command::INVALID;
        }
        $output->writeln($text, OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /** @param array<mixed> $answer what was worked out: its quantities are said in the trade's units */
    protected static function said(array $answer): string
    {
        array_walk_recursive($answer, static function (mixed &$value): void {
            $value = \is_string($value) ? Said::in($value, Units::Us) : $value;
        });

        return self::json($answer);
    }

    /** @param array<mixed> $answer as it is */
    protected static function json(array $answer): string
    {
        return json_encode($answer, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR);
    }
}
