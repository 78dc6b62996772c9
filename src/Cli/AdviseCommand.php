<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Contract\Reading\ReadingDocument;
use App\UseCase\Advice\GiveAdvice;
use Symfony\Component\Console\Attribute\AsCommand;

/** An advice for a reading in a file, or one for each of a list of readings. */
#[AsCommand('kontrast:advise', 'Print what to tie for a reading, or for each reading of a list (JSON file, or - for standard input)')]
final class AdviseCommand extends DocumentCommand
{
    public function __construct(
        private readonly DocumentReader $reader,
        private readonly DocumentNormalizer $documents,
        private readonly GiveAdvice $advice,
    ) {
        parent::__construct();
    }

    protected function answer(string $json): array
    {
        return DocumentReader::isList($json)
            ? array_map($this->advise(...), $this->reader->readList($json, ReadingDocument::class))
            : $this->advise($this->reader->read($json, ReadingDocument::class));
    }

    /** @return array<string, mixed> an advice document */
    private function advise(ReadingDocument $reading): array
    {
        return $this->documents->toArray($this->advice->advise($reading));
    }
}
