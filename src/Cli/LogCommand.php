<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\UseCase\Outing\AnalyzeLogbook;
use App\UseCase\Outing\ExportOutings;
use App\UseCase\Outing\ImportOutings;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputArgument;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;

/** The outings on the command line: out as JSON or as a table, in from either, or what they show. */
#[AsCommand('kontrast:log', 'Print the outings as JSON, with --csv as a table, with --analysis what they show; with a file, import it')]
final class LogCommand extends Command
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

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $file = $input->getArgument('file');
        try {
            $answer = match (true) {
                \is_string($file) => $this->take(DocumentCommand::contents($file), true === $input->getOption('preview')),
                true === $input->getOption('csv') => $this->export->table(),
                true === $input->getOption('analysis') => self::json($this->documents->toArray($this->analyze->document())),
                default => self::json(array_map($this->documents->cells(...), $this->export->all())),
            };
        } catch (InvalidDocument $invalid) {
            Errors::tell($output, $invalid->lines());

            return Command::INVALID;
        }
        $output->writeln(rtrim($answer), OutputInterface::OUTPUT_RAW);

        return Command::SUCCESS;
    }

    /** @throws InvalidDocument */
    private function take(string $contents, bool $isPreview): string
    {
        return self::json($this->documents->toArray($isPreview ? $this->import->preview($contents) : $this->import->import($contents)));
    }

    /** @param array<mixed> $answer */
    private static function json(array $answer): string
    {
        return json_encode($answer, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR);
    }
}
