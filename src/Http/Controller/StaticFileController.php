<?php

declare(strict_types=1);

namespace App\Http\Controller;

use App\Http\BuiltFiles;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Scripts, styles and fonts of the built front end, through the same door as all the rest: same headers, same check of the host. */
final readonly class StaticFileController
{
    /** The service worker: what opens the pages without a signal. It has to lie at the root to be asked for all of them. */
    private const WORKER = 'sw.js';

    public function __construct(private BuiltFiles $files)
    {
    }

    #[Route('/build/{path}', requirements: ['path' => '[A-Za-z0-9_\-./]+'], methods: ['GET'])]
    public function __invoke(Request $request, string $path): BinaryFileResponse
    {
        return $this->files->send($path, $request);
    }

    #[Route('/'.self::WORKER, methods: ['GET'])]
    public function worker(Request $request): BinaryFileResponse
    {
        $answer = $this->files->send(self::WORKER, $request);
        // An old one would keep the whole program old.
        $answer->headers->set('Cache-Control', 'no-cache');

        return $answer;
    }
}
