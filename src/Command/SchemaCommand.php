<?php

declare(strict_types=1);

namespace App\Command;

use OpenApi\Generator;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Command\Command;
use Symfony\Component\Console\Input\InputInterface;
use Symfony\Component\Console\Input\InputOption;
use Symfony\Component\Console\Output\OutputInterface;
use Symfony\Component\Filesystem\Filesystem;
use Symfony\Component\Finder\Finder;

/** Writes docs/openapi.json and docs/schema/ from the classes that describe the documents, or checks that they are current. */
#[AsCommand('kontrast:schema', 'Write the OpenAPI document and the JSON Schemas, or --check that they are current')]
final class SchemaCommand extends Command
{
    /** File names of the schemas that other programs rely on, by component. */
    private const PUBLISHED = ['Reading' => 'reading', 'Advice' => 'advice', 'Notebook' => 'notebook', 'LookRequest' => 'look-request', 'Look' => 'look', 'Parts' => 'parts', 'Composition' => 'composition', 'Backup' => 'backup'];

    public function __construct(private readonly string $projectDir)
    {
        parent::__construct();
    }

    protected function configure(): void
    {
        $this->addOption('check', null, InputOption::VALUE_NONE, 'Write nothing; fail where a file is out of date');
    }

    protected function execute(InputInterface $input, OutputInterface $output): int
    {
        $stale = [];
        foreach ($this->files() as $name => $contents) {
            $file = $this->projectDir.'/docs/'.$name;
            if (is_file($file) && file_get_contents($file) === $contents) {
                continue;
            }
            $stale[] = $name;
            if (true !== $input->getOption('check')) {
                (new Filesystem())->dumpFile($file, $contents);
            }
        }
        $output->writeln([] === $stale ? 'All current.' : (true === $input->getOption('check') ? 'Out of date: ' : 'Written: ').implode(', ', $stale));

        return [] !== $stale && true === $input->getOption('check') ? Command::FAILURE : Command::SUCCESS;
    }

    /** @return array<string, string> contents by file name below docs/ */
    private function files(): array
    {
        $document = (new Generator())->setVersion('3.1.0')->generate(Finder::create()->files()->name('*.php')->in($this->projectDir.'/src/Api')->sortByName());
        $openApi = json_decode((string) $document?->toJson(), true, 128, \JSON_THROW_ON_ERROR);
        \assert(\is_array($openApi));
        $openApi = self::tidy($openApi);
        $components = $openApi['components'] ?? null;
        $schemas = \is_array($components) ? ($components['schemas'] ?? null) : null;
        \assert(\is_array($schemas));
        $files = ['openapi.json' => self::json($openApi)];
        foreach (self::PUBLISHED as $component => $name) {
            $definitions = self::toDefinitions($schemas);
            \assert(\is_array($definitions));
            $files["schema/$name.schema.json"] = self::json([
                '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                'title' => $component,
                '$ref' => '#/$defs/'.$component,
                '$defs' => array_intersect_key($definitions, array_flip(self::needed($component, $schemas))),
            ]);
        }

        return $files;
    }

    /**
     * Where null is allowed an enumeration has to list it, and an exclusive minimum is a number: the generator writes both the old way.
     *
     * @param array<mixed> $node
     *
     * @return array<mixed>
     */
    private static function tidy(array $node): array
    {
        if (\is_array($node['type'] ?? null) && \in_array('null', $node['type'], true) && \is_array($node['enum'] ?? null) && !\in_array(null, $node['enum'], true)) {
            $node['enum'][] = null;
        }
        if (true === ($node['exclusiveMinimum'] ?? null)) {
            $node['exclusiveMinimum'] = $node['minimum'] ?? 0;
            unset($node['minimum']);
        }

        return array_map(static fn (mixed $child): mixed => \is_array($child) ? self::tidy($child) : $child, $node);
    }

    /**
     * The component and all it refers to.
     *
     * @param array<mixed> $schemas
     *
     * @return list<string>
     */
    private static function needed(string $component, array $schemas): array
    {
        $needed = [];
        $open = [$component];
        while (null !== $next = array_pop($open)) {
            if (!\in_array($next, $needed, true)) {
                $needed[] = $next;
                preg_match_all('~#/components/schemas/(\w+)~', (string) json_encode($schemas[$next] ?? [], \JSON_UNESCAPED_SLASHES), $found);
                $open = [...$open, ...$found[1]];
            }
        }

        return $needed;
    }

    private static function toDefinitions(mixed $node): mixed
    {
        return \is_array($node)
            ? array_map(self::toDefinitions(...), $node)
            : (\is_string($node) ? str_replace('#/components/schemas/', '#/$defs/', $node) : $node);
    }

    /** @param array<mixed> $document */
    private static function json(array $document): string
    {
        return json_encode($document, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)."\n";
    }
}
