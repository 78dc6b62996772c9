<?php

declare(strict_types=1);

namespace App\Http;

use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/**
 * What the front end was built into: found through its manifest, and sent. A file compressed when it was built is sent so; one whose name
 * has a hash of its content never changes.
 *
 * @phpstan-type Entry array{file: string, css?: list<string>, imports?: list<string>, assets?: list<string>}
 */
final readonly class BuiltFiles
{
    private const TYPES = [
        'js' => 'text/javascript; charset=utf-8', 'css' => 'text/css; charset=utf-8', 'svg' => 'image/svg+xml', 'woff2' => 'font/woff2',
        'webmanifest' => 'application/manifest+json', 'png' => 'image/png', 'html' => 'text/html; charset=utf-8',
    ];
    private const COMPRESSED = ['br' => '.br', 'gzip' => '.gz'];
    private const HASHED = 'assets/';
    private const YEAR_S = 31_536_000;
    private const HOUR_S = 3600;

    public function __construct(private string $projectDir, private string $manifestFile)
    {
    }

    public function notBuilt(): Response
    {
        $says = 'The front end is not built yet. Run ./kontrast serve to build it.';

        return new Response($says, 503, ['Content-Type' => 'text/plain; charset=utf-8']);
    }

    /**
     * What a source file was built into.
     *
     * @return Entry|null null where it is not built
     */
    public function entry(string $source): ?array
    {
        return $this->manifest()[$source] ?? null;
    }

    /**
     * A script and those it imports.
     *
     * @return list<string>
     */
    public function scripts(string $source): array
    {
        $seen = [];

        return self::imported($this->manifest(), $source, $seen);
    }

    /** @throws NotFoundHttpException */
    public function send(string $path, Request $request): BinaryFileResponse
    {
        $type = self::TYPES[pathinfo($path, \PATHINFO_EXTENSION)] ?? null;
        $file = $this->projectDir.'/public/build/'.$path;
        // No dot begins a folder or a file, so neither the manifest nor what lies above can be named.
        if (null === $type || str_contains("/$path", '/.') || !is_file($file)) {
            throw new NotFoundHttpException('There is no such file.');
        }
        $encoding = self::encoding($request, $file);
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

    /** @return array<string, Entry> */
    private function manifest(): array
    {
        if (!is_file($this->manifestFile)) {
            return [];
        }
        /** @var array<string, Entry> $manifest */
        $manifest = json_decode((string) file_get_contents($this->manifestFile), true, 16, \JSON_THROW_ON_ERROR);

        return $manifest;
    }

    /**
     * @param array<string, Entry> $manifest
     * @param list<string>         $seen
     *
     * @return list<string>
     */
    private static function imported(array $manifest, string $entry, array &$seen): array
    {
        if (!isset($manifest[$entry]) || \in_array($entry, $seen, true)) {
            return [];
        }
        $seen[] = $entry;
        $files = [$manifest[$entry]['file']];
        foreach ($manifest[$entry]['imports'] ?? [] as $import) {
            $files = [...$files, ...self::imported($manifest, $import, $seen)];
        }

        return $files;
    }

    private static function encoding(Request $request, string $file): ?string
    {
        foreach (self::COMPRESSED as $encoding => $ending) {
            if (\in_array($encoding, $request->getEncodings(), true) && is_file($file.$ending)) {
                return $encoding;
            }
        }

        return null;
    }
}
