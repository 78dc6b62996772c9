<?php

declare(strict_types=1);

namespace App\Cli;

use Kontrast\Measure\Said;
use Kontrast\Measure\Units;
use Symfony\Component\Console\Output\ConsoleOutputInterface;
use Symfony\Component\Console\Output\OutputInterface;

/** Where a command says what is wrong: apart from what it prints, which another program may read. */
final class Errors
{
    public static function stream(OutputInterface $output): OutputInterface
    {
        return $output instanceof ConsoleOutputInterface ? $output->getErrorOutput() : $output;
    }

    /** @param string|list<string> $lines as they are: what stands in angle brackets is no format */
    public static function tell(OutputInterface $output, string|array $lines): void
    {
        $said = array_map(static fn (string $line): string => Said::in($line, Units::Us), (array) $lines);
        self::stream($output)->writeln($said, OutputInterface::OUTPUT_RAW);
    }
}
