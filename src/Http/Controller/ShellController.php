<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Settings\Theme;
use App\UseCase\Settings\KeepSettings;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The one page the front end lives in, already in the angler's theme. */
final readonly class ShellController
{
    private const ENTRY = 'web/app/main.ts';

    public function __construct(private Environment $twig, private KeepSettings $settings, private string $manifestFile)
    {
    }

    #[Route('/', methods: ['GET'])]
    public function __invoke(): Response
    {
        if (!is_file($this->manifestFile)) {
            $says = 'The front end has not been built. Run ./kontrast serve, which builds it.';

            return new Response($says, 503, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
        /** @var array<string, array{file: string, css?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents($this->manifestFile), true, 16, \JSON_THROW_ON_ERROR);
        $theme = $this->settings->show()->document['theme'] ?? null;

        return new Response($this->twig->render('shell.html.twig', [
            'theme' => \is_string($theme) ? $theme : Theme::Paper->value,
            'script' => $manifest[self::ENTRY]['file'],
            'styles' => $manifest[self::ENTRY]['css'] ?? [],
        ]), 200, ['Cache-Control' => 'no-store']);
    }
}
