<?php

declare(strict_types=1);

namespace Tests\app;

use App\Http\Controller\ShellController;
use App\UseCase\Settings\KeepSettings;
use Kontrast\Lure\Finish;
use Kontrast\Reading\Colour;
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
        parent::tearDown();
    }

    public function testThePageLoadsOnlyWhatWasBuiltAndCarriesNoInlineScript(): void
    {
        $html = (string) $this->shell()->__invoke()->getContent();
        self::assertStringContainsString('<script type="module" src="/build/assets/main-x.js"></script>', $html);
        self::assertStringContainsString('<link rel="stylesheet" href="/build/assets/main-x.css">', $html);
        self::assertDoesNotMatchRegularExpression('/<script(?![^>]*\ssrc=)/', $html);
        self::assertDoesNotMatchRegularExpression('/\sstyle=|\son\w+=|https?:/', $html);
    }

    public function testThePageComesInTheThemeChosen(): void
    {
        self::assertStringContainsString('data-theme="paper"', (string) $this->shell()->__invoke()->getContent());
        $this->send('PUT', '/api/settings', ['units' => 'us', 'theme' => 'noon']);
        self::assertStringContainsString('data-theme="noon"', (string) $this->shell()->__invoke()->getContent());
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

    private function shell(?string $manifest = null): ShellController
    {
        if (null === $manifest && '' === $this->manifest) {
            $this->manifest = (string) tempnam(sys_get_temp_dir(), 'kontrast');
            file_put_contents($this->manifest, '{"web/app/main.ts": {"file": "assets/main-x.js", "css": ["assets/main-x.css"]}}');
        }
        $twig = self::getContainer()->get(Environment::class);
        $settings = self::getContainer()->get(KeepSettings::class);
        self::assertInstanceOf(Environment::class, $twig);
        self::assertInstanceOf(KeepSettings::class, $settings);

        return new ShellController($twig, $settings, $manifest ?? $this->manifest);
    }
}
