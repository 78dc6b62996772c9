<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Error\InvalidDocument;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;

/** A command that answers a JSON document with another. */
abstract class DocumentCommand extends JsonCommand
{
    protected function configure(): void
    {
        $this->addArgument('file', InputArgument::REQUIRED, 'The document, or - for standard input');
    }

    /**
     * @return array<mixed> what is written out
     *
     * @throws InvalidDocument
     */
    abstract protected function answer(string $json): array;

    protected function text(InputInterface $input): string
    {
        $file = $input->getArgument('file');
        \assert(\is_string($file));

        return self::said($this->answer(self::contents($file)));
    }

    /** @throws InvalidDocument */
    public static function contents(string $file): string
    {
        if ('-' !== $file && !is_file($file)) {
            throw InvalidDocument::fault('file', "There is no file $file. Name a JSON file, or - for standard input.");
        }
        $contents = file_get_contents('-' === $file ? 'php://stdin' : $file);

        return false === $contents ? throw InvalidDocument::fault('file', "$file cannot be read.") : $contents;
    }
}
