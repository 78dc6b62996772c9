<?php

declare(strict_types=1);

namespace App\Cli;

use App\Contract\OpenApi\ApiDescription;
use App\Contract\OpenApi\PublishedSchemas;
use App\Contract\Vocabulary\Dimensions;
use App\Contract\Vocabulary\LogbookVocabulary;
use App\Contract\Vocabulary\Sentences;
use App\Contract\Vocabulary\Vocabulary;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Filesystem\Filesystem;

/**
 * Writes everything that is generated from the code: OpenAPI, JSON Schemas, the front end's vocabulary and the page of sentences; or
 * checks that it is current.
 */
#[AsCommand('kontrast:schema', 'Write the OpenAPI document, the JSON Schemas and the vocabulary, or --check that they are up to date')]
final class SchemaCommand extends Command
{
    public function __construct(
        private readonly ApiDescription $api,
        private readonly Vocabulary $vocabulary,
        private readonly LogbookVocabulary $logbook,
        private readonly Dimensions $dimensions,
        private readonly Sentences $sentences,
        private readonly string $projectDir,
    ) {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('check', null, InputOption::VALUE_NONE, 'Write nothing; fail if a file is out of date');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $isCheck = true === $input->getOption('check');
        $stale = [];
        foreach ($this->files() as $name => $contents) {
            $file = $this->projectDir.'/'.$name;
            if (is_file($file) && file_get_contents($file) === $contents) {
                continue;
            }
            $stale[] = $name;
            if (!$isCheck) {
                (new Filesystem())->dumpFile($file, $contents);
            }
        }
        $output->writeln([] === $stale ? 'All up to date.' : ($isCheck ? 'Out of date: ' : 'Written: ').implode(', ', $stale));

        return [] !== $stale && $isCheck ? Command::FAILURE : Command::SUCCESS;
    }

    /** @return array<string, string> contents by file name */
    private function files(): array
    {
        $document = $this->api->document();
        $files = [
            'docs/openapi.json' => self::json($document),
            'web/words/vocabulary.ts' => $this->vocabulary->typeScript(),
            'web/words/logbook.ts' => $this->logbook->typeScript(),
            'web/words/dimensions.ts' => $this->dimensions->typeScript(),
            'docs/words/php.md' => $this->sentences->page(),
        ];
        foreach (PublishedSchemas::extract($document) as $name => $schema) {
            $files["docs/schema/$name.schema.json"] = self::json($schema);
        }

        return $files;
    }

    /** @param array<mixed> $document */
    private static function json(array $document): string
    {
        return json_encode($document, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)."\n";
    }
}
