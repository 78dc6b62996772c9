<?php

declare(strict_types=1);

namespace App\Cli;

use App\Benchmark\Benchmark;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Console\Style\SymfonyStyle;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/** How fast the program is on this machine: every figure measured now, with what it is compared to. */
#[AsCommand('kontrast:bench', 'Measure speed, as ratios from one run')]
final class BenchCommand extends Command
{
    /** @param iterable<Benchmark> $benches */
    public function __construct(#[AutowireIterator(Benchmark::class)] private readonly iterable $benches)
    {
        parent::__construct();
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $style = new SymfonyStyle($input, $output);
        foreach ($this->benches as $bench) {
            $style->table(
                [$bench->title(), 'Measured', 'Goal'],
                array_map(static fn ($figure): array => [$figure->what, $figure->measured, $figure->aim], $bench->figures()),
            );
        }

        return Command::SUCCESS;
    }
}
