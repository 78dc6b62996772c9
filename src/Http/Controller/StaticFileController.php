<?php

declare(strict_types=1);

namespace App\Http\Controller;

use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/**
 * Scripts, styles and fonts of the built front end, through the same door as all the rest: same headers, same check of the host. A file
 * compressed when the front end was built is sent so; one whose name has a hash of its content never changes.
 */
final readonly class StaticFileController
{
    private const TYPES = [
        'js' => 'text/javascript; charset=utf-8', 'css' => 'text/css; charset=utf-8', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2',
        'webmanifest' => 'application/manifest+json', 'png' => 'image/png',
    ];
    private const COMPRESSED = ['br' => '.br', 'gzip' => '.gz'];
    private const HASHED = 'assets/';
    private const YEAR_S = 31_536_000;
    private const HOUR_S = 3600;

    public function __construct(private string $projectDir)
    {
    }

    #[Route('/build/{path}', requirements: ['path' => '[A-Za-z0-9_\-./]+'], methods: ['GET'])]
    public function __invoke(Request $request, string $path): BinaryFileResponse
    {
        $type = self::TYPES[pathinfo($path, \PATHINFO_EXTENSION)] ?? null;
        $file = $this->projectDir.'/public/build/'.$path;
        // No dot begins a folder or a file, so neither the manifest nor what lies above can be named.
        if (null === $type || str_contains("/$path", '/.') || !is_file($file)) {
            throw new NotFoundHttpException('There is no such file.');
        }
        $encoding = $this->encoding($request, $file);
        $response = new BinaryFileResponse(null === $encoding ? $file : $file.self::COMPRESSED[$encoding]);
        $response->headers->set('Content-Type', $type);
        $response->setAutoEtag();
        $response->setPublic();
        $response->setVary('Accept-Encoding');
        if (null !== $encoding) {
            $response->headers->set('Content-Encoding', $encoding);
        }
        $response->setMaxAge(str_starts_with($path, self::HASHED) ? self::YEAR_S : self::HOUR_S);
        if (str_starts_with($path, self::HASHED)) {
            $response->setImmutable();
        }
        $response->isNotModified($request);

        return $response;
    }

    private function encoding(Request $request, string $file): ?string
    {
        foreach (self::COMPRESSED as $encoding => $ending) {
            if (\in_array($encoding, $request->getEncodings(), true) && is_file($file.$ending)) {
                return $encoding;
            }
        }

        return null;
    }
}
