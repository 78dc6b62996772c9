<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Settings\Theme;
use App\Http\BuiltFiles;
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
    /** The letters of every screen; what else is built beside the entry is only wanted here and there. */
    private const FONT = '/-latin-wght-.*\.woff2$/';

    public function __construct(
        private Environment $twig,
        private FirstView $first,
        private BuiltFiles $files,
        private DocumentNormalizer $documents,
    ) {
    }

    #[Route('/', methods: ['GET'])]
    public function __invoke(): Response
    {
        $entry = $this->files->entry(self::ENTRY);
        if (null === $entry) {
            return $this->files->notBuilt();
        }
        $first = $this->first->show();
        $theme = $first['settings']['document']['theme'] ?? null;

        return new Response($this->twig->render('shell.html.twig', [
            'theme' => \is_string($theme) && Theme::System->value !== $theme ? $theme : null,
            'script' => $entry['file'],
            'styles' => $entry['css'] ?? [],
            'fonts' => preg_grep(self::FONT, $entry['assets'] ?? []),
            'preloads' => array_values(array_diff($this->files->scripts(self::PROGRAM), [$entry['file']])),
            // Inside a script element only "<" could end it early.
            'first' => json_encode(
                $this->documents->written($first),
                \JSON_HEX_TAG | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR,
            ),
        ]), 200, ['Cache-Control' => 'no-store', 'Content-Type' => 'text/html; charset=utf-8']);
    }
}
