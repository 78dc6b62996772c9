<?php

declare(strict_types=1);

namespace Tests\app;

use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Release\ReleaseDocument;
use App\Http\BuiltFiles;
use App\Http\Controller\ShellController;
use App\UseCase\Shell\FirstView;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Symfony\Component\Clock\Clock;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\Clock\NativeClock;
use Symfony\Component\Process\Process;
use Twig\Environment;

/** The page the front end lives in, and the commands around it. */
final class ShellTest extends ApiTestCase
{
    private string $manifest = '';

    protected function tearDown(): void
    {
        if ('' !== $this->manifest) {
            unlink($this->manifest);
        }
        Clock::set(new NativeClock());
        parent::tearDown();
    }

    public function testThePageLoadsOnlyWhatWasBuiltAndCarriesNoInlineScript(): void
    {
        $html = (string) $this->shell()->__invoke()->getContent();
        self::assertStringContainsString('<script type="module" src="/build/assets/main-x.js"></script>', $html);
        self::assertStringContainsString('<link rel="stylesheet" href="/build/assets/main-x.css">', $html);
        // What is inline is data, which no browser runs.
        self::assertDoesNotMatchRegularExpression('/<script(?![^>]*\ssrc=|[^>]*type="application\/json")/', $html);
        self::assertDoesNotMatchRegularExpression('/\sstyle=|\son\w+=|https?:/', $html);
    }

    public function testThePageComesInTheThemeChosenAndUntilThenInTheSystems(): void
    {
        self::assertStringNotContainsString('data-theme', (string) $this->shell()->__invoke()->getContent());
        $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'noon']);
        self::assertStringContainsString('data-theme="noon"', (string) $this->shell()->__invoke()->getContent());
    }

    public function testThePageBringsItsFirstAnswersAlong(): void
    {
        Clock::set(new MockClock('2026-05-09T04:00:00Z'));
        self::assertSame(
            [
                'settings' => ['version' => 0], 'current' => null, 'at' => '2026-05-09T04:00:00+00:00', 'news' => false,
                'release' => ['version' => ReleaseDocument::UNRELEASED], 'advice' => null,
            ],
            self::versionsOf($this->first()),
        );
        $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'paper', 'lead_free' => true, 'schools' => ['finish' => 'sun']]);
        $this->send('PUT', '/api/current-reading', ['reading' => ['schools' => ['dirty' => 'bright']] + self::reading()]);
        $first = $this->first();
        self::assertSame(['version' => 1], self::versionsOf($first)['current']);
        $asked = ['lead_free' => true, 'schools' => ['finish' => 'sun', 'dirty' => 'bright']] + self::reading();
        self::assertSame($this->send('POST', '/api/advice', $asked), $first['advice']);
    }

    public function testWhatIsKeptCannotEndTheScriptItComesIn(): void
    {
        $water = $this->send('POST', '/api/waters', ['name' => '</script><b>', 'tint' => 'none', 'red_crawfish' => false]);
        $this->send('PUT', '/api/current-reading', ['reading' => self::reading(), 'water_id' => $water['id'] ?? null]);
        $this->send('PUT', '/api/current-reading', ['reading' => ['schools' => []] + self::reading(), 'water_id' => $water['id'] ?? null]);
        $html = (string) $this->shell()->__invoke()->getContent();
        self::assertSame(2, substr_count($html, '</script>'));
    }

    public function testWhatEveryScreenNeedsIsLoadedAlong(): void
    {
        $html = (string) $this->shell()->__invoke()->getContent();
        self::assertStringContainsString('<link rel="modulepreload" href="/build/assets/run-x.js">', $html);
        self::assertStringContainsString('<link rel="modulepreload" href="/build/assets/shared-x.js">', $html);
        self::assertStringNotContainsString('modulepreload" href="/build/assets/main-x.js"', $html);
        self::assertStringNotContainsString('bench-x.js', $html);
    }

    public function testBeforeTheFrontEndIsBuiltThePageSaysWhatToDo(): void
    {
        $response = $this->shell('/nowhere/manifest.json')->__invoke();
        self::assertSame(503, $response->getStatusCode());
        self::assertStringContainsString('./kontrast serve', (string) $response->getContent());
    }

    public function testThePaletteNamesEveryColourFinishAndFact(): void
    {
        $palette = $this->send('GET', '/api/palette');
        self::assertIsArray($palette);
        self::assertIsArray($palette['colours']);
        self::assertIsArray($palette['finishes']);
        self::assertIsArray($palette['facts']);
        self::assertCount(\count(Colour::cases()), $palette['colours']);
        self::assertCount(\count(Finish::cases()), $palette['finishes']);
        self::assertArrayHasKey('W9', $palette['facts']);
    }

    public function testABadNotebookIsNotImportedAndIsToldByField(): void
    {
        $process = new Process(
            ['php', 'bin/console', 'kontrast:import', '-'],
            __DIR__.'/../..',
            ['APP_ENV' => 'test'],
            '{"waters": [{"name": "Pit", "tint": "mauve", "red_crawfish": false}], "readings": [{"reading": {}}]}',
        );
        $process->run();
        self::assertSame(2, $process->getExitCode());
        self::assertSame('', $process->getOutput());
        self::assertStringContainsString(
            'waters[0].tint: "mauve" is not allowed here. Allowed: none, green, tannic, clay.',
            $process->getErrorOutput(),
        );
        self::assertStringContainsString('readings[0].reading.lure: This field is missing.', $process->getErrorOutput());
    }

    public function testThePublishedDocumentsAreCurrent(): void
    {
        $process = new Process(['php', 'bin/console', 'kontrast:schema', '--check'], __DIR__.'/../..', ['APP_ENV' => 'test']);
        $process->run();
        self::assertSame(0, $process->getExitCode(), $process->getOutput());
    }

    public function testTheOpenApiDocumentNamesEveryPathTheProgramAnswers(): void
    {
        $document = json_decode((string) file_get_contents(__DIR__.'/../../docs/openapi.json'), true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($document);
        self::assertIsArray($document['paths']);
        $router = self::getContainer()->get('router');
        self::assertInstanceOf(\Symfony\Component\Routing\RouterInterface::class, $router);
        foreach ($router->getRouteCollection() as $route) {
            if (str_starts_with($route->getPath(), '/api/')) {
                self::assertArrayHasKey($route->getPath(), $document['paths']);
                foreach ($route->getMethods() as $method) {
                    self::assertIsArray($document['paths'][$route->getPath()]);
                    self::assertArrayHasKey(strtolower($method), $document['paths'][$route->getPath()]);
                }
            }
        }
    }

    /** @return array<mixed> */
    private function first(): array
    {
        self::forgetEntities();
        $html = (string) $this->shell()->__invoke()->getContent();
        self::assertSame(1, preg_match('~<script type="application/json" id="first">(.*?)</script>~s', $html, $found));
        $first = json_decode($found[1], true, 64, \JSON_THROW_ON_ERROR);
        self::assertIsArray($first);

        return $first;
    }

    /**
     * @param array<mixed> $first
     *
     * @return array<mixed>
     */
    private static function versionsOf(array $first): array
    {
        return array_map(
            static fn (mixed $one): mixed => \is_array($one) && isset($one['version']) ? ['version' => $one['version']] : $one,
            $first,
        );
    }

    private function shell(?string $manifest = null): ShellController
    {
        if (null === $manifest && '' === $this->manifest) {
            $this->manifest = (string) tempnam(sys_get_temp_dir(), 'kontrast');
            file_put_contents($this->manifest, json_encode([
                'web/app/main.ts' => ['file' => 'assets/main-x.js', 'css' => ['assets/main-x.css'], 'imports' => ['_shared.js']],
                'web/app/run.ts' => ['file' => 'assets/run-x.js', 'imports' => ['_shared.js', 'web/app/main.ts']],
                'web/screens/tie/Bench.svelte' => ['file' => 'assets/bench-x.js', 'imports' => ['_shared.js']],
                '_shared.js' => ['file' => 'assets/shared-x.js'],
            ], \JSON_THROW_ON_ERROR));
        }
        $twig = self::getContainer()->get(Environment::class);
        $first = self::getContainer()->get(FirstView::class);
        $documents = self::getContainer()->get(DocumentNormalizer::class);
        self::assertInstanceOf(DocumentNormalizer::class, $documents);
        self::assertInstanceOf(Environment::class, $twig);
        self::assertInstanceOf(FirstView::class, $first);

        return new ShellController($twig, $first, new BuiltFiles('/nowhere', $manifest ?? $this->manifest), $documents);
    }
}
