<?php

declare(strict_types=1);

namespace App\Http;

use App\Contract\Reader\DocumentNormalizer;
use App\UseCase\PageOf;
use App\UseCase\Saved;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\Routing\Generator\UrlGeneratorInterface;

/** Makes answers: documents, what is kept with its tag, pages with their next one. */
final readonly class Answer
{
    public function __construct(private UrlGeneratorInterface $urls, private DocumentNormalizer $documents)
    {
    }

    public function json(mixed $document, int $status = 200): JsonResponse
    {
        return self::unkept(new JsonResponse($document, $status));
    }

    public function nothing(?Saved $kept = null): Response
    {
        return self::unkept(self::tagged(new Response(null, 204), $kept));
    }

    /** A document that is stored, or everything that is. */
    public function document(object $document, int $status = 200): JsonResponse
    {
        return self::unkept(new JsonResponse($this->documents->written($document), $status));
    }

    /** @param list<object> $documents */
    public function documents(array $documents, int $status = 200): JsonResponse
    {
        return self::unkept(new JsonResponse(array_map($this->documents->written(...), $documents), $status));
    }

    public function kept(?Saved $kept): Response
    {
        return null === $kept ? self::unkept(JsonResponse::fromJsonString('null')) : self::tagged($this->document($kept->document), $kept);
    }

    /** @param string $name of the kind of what was added */
    public function created(Saved $kept, string $name): Response
    {
        $answer = $this->document($kept->document, 201);
        $answer->headers->set('Location', $this->urls->generate(ShelfRoutes::one($name), ['id' => $kept->id]));

        return self::tagged($answer, $kept);
    }

    /**
     * A page of a list, with a link to the next one.
     *
     * @param array<string, mixed>|null $beside what goes along with it: the list is a field then
     */
    public function page(PageOf $page, Request $request, ?string $list = null, ?array $beside = null): JsonResponse
    {
        $documents = array_map($this->documents->written(...), $page->documents);
        $answer = new JsonResponse(null === $list ? $documents : [$list => $documents, ...$beside ?? []]);
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

    private static function tagged(Response $answer, ?Saved $kept): Response
    {
        return null === $kept ? $answer : $answer->setEtag(Precondition::tag($kept->version));
    }
}
