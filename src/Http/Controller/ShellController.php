<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Settings\Theme;
use App\UseCase\Shell\FirstView;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Attribute\Route;
use Twig\Environment;

/** The one page the front end lives in, already in the angler's theme and with its first answers. */
final readonly class ShellController
{
    private const ENTRY = 'web/app/main.ts';
    /** What every screen needs; the entry itself only begins to load it. */
    private const PROGRAM = 'web/app/run.ts';

    public function __construct(private Environment $twig, private FirstView $first, private string $manifestFile)
    {
    }

    #[Route('/', methods: ['GET'])]
    public function __invoke(): Response
    {
        if (!is_file($this->manifestFile)) {
            $says = 'The front end is not built yet. Run ./kontrast serve to build it.';

            return new Response($says, 503, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
        /** @var array<string, array{file: string, css?: list<string>, imports?: list<string>}> $manifest */
        $manifest = json_decode((string) file_get_contents($this->manifestFile), true, 16, \JSON_THROW_ON_ERROR);
        $first = $this->first->show();
        $theme = $first['settings']['document']['theme'] ?? null;

        return new Response($this->twig->render('shell.html.twig', [
            'theme' => \is_string($theme) && Theme::System->value !== $theme ? $theme : null,
            'script' => $manifest[self::ENTRY]['file'],
            'styles' => $manifest[self::ENTRY]['css'] ?? [],
            'preloads' => array_values(array_diff(self::scripts($manifest, self::PROGRAM), [$manifest[self::ENTRY]['file']])),
            // Inside a script element only "<" could end it early.
            'first' => json_encode($first, \JSON_HEX_TAG | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR),
        ]), 200, ['Cache-Control' => 'no-store', 'Content-Type' => 'text/html; charset=utf-8']);
    }

    /**
     * A script and those it imports.
     *
     * @param array<string, array{file: string, imports?: list<string>}> $manifest
     * @param list<string>                                               $seen
     *
     * @return list<string>
     */
    private static function scripts(array $manifest, string $entry, array &$seen = []): array
    {
        if (!isset($manifest[$entry]) || \in_array($entry, $seen, true)) {
            return [];
        }
        $seen[] = $entry;
        $files = [$manifest[$entry]['file']];
        foreach ($manifest[$entry]['imports'] ?? [] as $import) {
            $files = [...$files, ...self::scripts($manifest, $import, $seen)];
        }

        return $files;
    }
}
