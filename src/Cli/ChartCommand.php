<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Advice\ChartRequestDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\UseCase\Advice\DrawChart;
use Symfony\Component\Console\Attribute\AsCommand;

/** The chart of a water. */
#[AsCommand('kontrast:chart', 'Print what to tie over a range of waters (JSON file, or - for standard input)')]
final class ChartCommand extends DocumentCommand
{
    public function __construct(
        private readonly DocumentReader $reader,
        private readonly DocumentNormalizer $documents,
        private readonly DrawChart $chart,
    ) {
        parent::__construct();
    }

    protected function answer(string $json): array
    {
        return $this->documents->toArray($this->chart->draw($this->reader->read($json, ChartRequestDocument::class)));
    }
}
