<?php

declare(strict_types=1);

namespace App\Command;

use App\Api\Document\LookRequestDocument;
use App\Exchange\DocumentReader;
use App\Exchange\Looks;
use Symfony\Component\Console\Attribute\AsCommand;

/** A look at the parts in a file. */
#[AsCommand('kontrast:look', 'Say what a bass can pick out, and from how far (JSON; a file or - for standard input)')]
final class LookCommand extends DocumentCommand
{
    public function __construct(private readonly DocumentReader $reader, private readonly Looks $looks)
    {
        parent::__construct();
    }

    protected function answer(string $json): array
    {
        return $this->looks->look($this->reader->read($json, LookRequestDocument::class));
    }
}
