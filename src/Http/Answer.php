<?php

declare(strict_types=1);

namespace App\Http;

use App\Contract\Reader\DocumentNormalizer;
use App\UseCase\PageOf;
use App\UseCase\Saved;
use Symfony\Component\Filesystem\Exception\IOException;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Makes answers: documents, what is saved with its tag, pages with their next one. */
final readonly class Answer
{
    public function __construct(private UrlGeneratorInterface $urls, private DocumentNormalizer $documents)
    {
    }

    /** What was worked out. */
    public function json(mixed $documents, int $status = 200): JsonResponse
    {
        return self::uncached(new JsonResponse($this->documents->written($documents), $status));
    }

    /** What somebody stored. */
    public function stored(mixed $documents, int $status = 200): JsonResponse
    {
        return self::uncached(new JsonResponse($this->documents->stored($documents), $status));
    }

    public function nothing(?Saved $saved = null): Response
    {
        return self::uncached(self::tagged(new Response(null, 204), $saved));
    }

    public function saved(?Saved $saved): Response
    {
        return null === $saved
            ? self::uncached(JsonResponse::fromJsonString('null'))
            : self::tagged($this->stored($saved->document), $saved);
    }

    /** @param string $name of the kind of what was added */
    public function created(Saved $saved, string $name): Response
    {
        $answer = $this->stored($saved->document, 201);
        $answer->headers->set('Location', $this->urls->generate(ShelfRoutes::one($name), ['id' => $saved->id]));

        return self::tagged($answer, $saved);
    }

    /**
     * A page of a list, with a link to the next one.
     *
     * @param array<string, mixed>|null $beside what goes along with it: the list is a field then
     */
    public function page(PageOf $page, Request $request, ?string $list = null, ?array $beside = null): JsonResponse
    {
        $documents = $this->documents->stored($page->documents);
        $answer = self::uncached(new JsonResponse(
            null === $list ? $documents : [$list => $documents, ...(array) $this->documents->written($beside ?? [])],
        ));
        if (null !== $page->next) {
            $query = http_build_query(['after' => $page->next] + $request->query->all());
            $answer->headers->set('Link', "<{$request->getPathInfo()}?$query>; rel=\"next\"");
        }

        return $answer;
    }

    /** What changes only with the program: sent once, then only its tag is compared. */
    public function cached(mixed $documents, Request $request): Response
    {
        $answer = new JsonResponse($this->documents->written($documents));
        $answer->setEtag(hash('xxh128', (string) $answer->getContent()));
        $answer->headers->addCacheControlDirective('no-cache');
        $answer->isNotModified($request);

        return $answer;
    }

    public function file(string $contents, string $type, string $name): Response
    {
        return self::uncached(
            new Response($contents, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\""]),
        );
    }

    /**
     * A file of any length, which is whole before the first of it goes out: what goes wrong on the way is still told in a sentence.
     *
     * @param callable(callable(string): void): void $write is given what takes it piece by piece
     *
     * @throws IOException where the disk has no room for it
     */
    public function long(callable $write, string $type, string $name): Response
    {
        $file = new \SplTempFileObject();
        $write(static function (string $piece) use ($file, $name): void {
            if (\strlen($piece) !== $file->fwrite($piece)) {
                throw new IOException("$name cannot be written: is the disk full?");
            }
        });
        $answer = new BinaryFileResponse($file, 200, ['Content-Type' => $type], false);
        $answer->headers->set('Content-Disposition', "attachment; filename=\"$name\"");

        return self::uncached($answer);
    }

    /**
     * What is stored is nobody's but the angler's: no browser and no proxy lays it by on its own.
     *
     * @template T of Response
     *
     * @param T $answer
     *
     * @return T
     */
    private static function uncached(Response $answer): Response
    {
        $answer->headers->set('Cache-Control', 'no-store');

        return $answer;
    }

    private static function tagged(Response $answer, ?Saved $saved): Response
    {
        return null === $saved ? $answer : $answer->setEtag(Precondition::tag($saved->version));
    }
}
