<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\UseCase\Outing\AnalyzeLogbook;
use App\UseCase\Outing\ExportOutings;
use App\UseCase\Outing\ImportOutings;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;

/** The outings on the command line: out as JSON or as a table, in from either, or what they show. */
#[AsCommand('kontrast:log', 'Print the outings as JSON, with --csv as a table, with --analysis what they show; with a file, import it')]
final class LogCommand extends JsonCommand
{
    public function __construct(
        private readonly ExportOutings $export,
        private readonly ImportOutings $import,
        private readonly AnalyzeLogbook $analyze,
        private readonly DocumentNormalizer $documents,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $says = 'A CSV table of outings or a logbook in JSON to import, or - for standard input';
        $this->addArgument('file', InputArgument::OPTIONAL, $says);
        $this->addOption('csv', null, InputOption::VALUE_NONE, 'Print a table');
        $this->addOption('analysis', null, InputOption::VALUE_NONE, 'Print what the notes show');
        $this->addOption('preview', null, InputOption::VALUE_NONE, 'Say what the file holds and import nothing');
    }

    protected function text(InputInterface $input): string
    {
        $file = $input->getArgument('file');

        return rtrim(match (true) {
            \is_string($file) => $this->take(DocumentCommand::contents($file), true === $input->getOption('preview')),
            true === $input->getOption('csv') => $this->export->table(),
            true === $input->getOption('analysis') => self::said($this->documents->toArray($this->analyze->document())),
            default => self::json(array_map($this->documents->cells(...), $this->export->all())),
        });
    }

    /** @throws InvalidDocument */
    private function take(string $contents, bool $isPreview): string
    {
        return self::json($this->documents->toArray($isPreview ? $this->import->preview($contents) : $this->import->import($contents)));
    }
}
