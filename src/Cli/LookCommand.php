<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Look\LookRequestDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\UseCase\Look\LookAtParts;
use Symfony\Component\Console\Attribute\AsCommand;

/** A look at the parts in a file. */
#[AsCommand('kontrast:look', 'Print which parts a bass can see, and from how far (JSON file, or - for standard input)')]
final class LookCommand extends DocumentCommand
{
    public function __construct(
        private readonly DocumentReader $reader,
        private readonly DocumentNormalizer $documents,
        private readonly LookAtParts $look,
    ) {
        parent::__construct();
    }

    protected function answer(string $json): array
    {
        return $this->documents->toArray($this->look->look($this->reader->read($json, LookRequestDocument::class)));
    }
}
