<?php

declare(strict_types=1);

namespace App\Command;

use App\Exchange\DocumentReader;
use App\Exchange\Notebook;
use Symfony\Component\Console\Attribute\AsCommand;

/** Takes a notebook in from a file. */
#[AsCommand('kontrast:import', 'Take in waters and readings from a notebook (JSON), all or none; what is there already is left alone')]
final class ImportCommand extends DocumentCommand
{
    public function __construct(private readonly Notebook $notebook)
    {
        parent::__construct();
    }

    protected function answer(string $json): array
    {
        return $this->notebook->import(DocumentReader::decode($json));
    }
}
