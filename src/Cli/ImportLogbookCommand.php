<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Logbook\LogbookDocument;
use App\Contract\Reader\DocumentReader;
use App\UseCase\Logbook\ImportLogbook;
use Symfony\Component\Console\Attribute\AsCommand;

/** Imports a logbook from a file. */
#[AsCommand('kontrast:import', 'Import waters, readings and builds (JSON), all or none; existing entries are not changed')]
final class ImportLogbookCommand extends DocumentCommand
{
    public function __construct(private readonly DocumentReader $reader, private readonly ImportLogbook $import)
    {
        parent::__construct();
    }

    protected function answer(string $json): array
    {
        return $this->import->import($this->reader->read($json, LogbookDocument::class));
    }
}
