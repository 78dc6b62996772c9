<?php

declare(strict_types=1);

namespace App\Command;

use App\Api\Document\AdviceDocument;
use App\Api\Document\ReadingDocument;
use App\Exchange\DocumentReader;
use App\Exchange\Documents;
use Kontrast\Rulebook\Adviser;
use Symfony\Component\Console\Attribute\AsCommand;

/** An advice for a reading in a file. */
#[AsCommand('kontrast:advise', 'Say what to tie for a reading (JSON; a file or - for standard input)')]
final class AdviseCommand extends DocumentCommand
{
    public function __construct(private readonly DocumentReader $reader, private readonly Documents $documents, private readonly Adviser $adviser)
    {
        parent::__construct();
    }

    protected function answer(array $data): array
    {
        $reading = $this->reader->fromArray($data, ReadingDocument::class)->toReading();

        return $this->documents->toArray(AdviceDocument::of($this->adviser->advise($reading)));
    }
}
