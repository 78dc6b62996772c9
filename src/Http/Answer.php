<?php

declare(strict_types=1);

namespace App\Http;

use App\UseCase\Kept;
use App\UseCase\PageOf;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Makes answers: documents, what is kept with its tag, pages with their next one. */
final readonly class Answer
{
    public function __construct(private UrlGeneratorInterface $urls)
    {
    }

    public function json(mixed $document, int $status = 200): JsonResponse
    {
        return self::unkept(new JsonResponse($document, $status));
    }

    public function nothing(?Kept $kept = null): Response
    {
        return self::unkept(self::tagged(new Response(null, 204), $kept));
    }

    public function kept(?Kept $kept): Response
    {
        return self::unkept(null === $kept ? JsonResponse::fromJsonString('null') : self::tagged(new JsonResponse($kept->document), $kept));
    }

    /** @param string $route of the one that was added */
    public function created(Kept $kept, string $route): Response
    {
        return self::unkept(self::tagged(
            new JsonResponse($kept->document, 201, ['Location' => $this->urls->generate($route, ['id' => $kept->id])]),
            $kept,
        ));
    }

    /** A page of a list, with a link to the next one. */
    public function page(PageOf $page, Request $request, mixed $document = null): JsonResponse
    {
        $answer = new JsonResponse($document ?? $page->documents);
        if (null !== $page->next) {
            $query = http_build_query(['after' => $page->next] + $request->query->all());
            $answer->headers->set('Link', "<{$request->getPathInfo()}?$query>; rel=\"next\"");
        }

        return self::unkept($answer);
    }

    /** What changes only with the program: sent once, then only its tag is compared. */
    public function cached(mixed $document, Request $request): Response
    {
        $answer = new JsonResponse($document);
        $answer->setEtag(hash('xxh128', (string) $answer->getContent()));
        $answer->headers->addCacheControlDirective('no-cache');
        $answer->isNotModified($request);

        return $answer;
    }

    public function file(string $contents, string $type, string $name): Response
    {
        return self::unkept(
            new Response($contents, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"$name\""]),
        );
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
    private static function unkept(Response $answer): Response
    {
        $answer->headers->set('Cache-Control', 'no-store');

        return $answer;
    }

    private static function tagged(Response $answer, ?Kept $kept): Response
    {
        return null === $kept ? $answer : $answer->setEtag(Precondition::tag($kept->version));
    }
}
