<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\MeetingDocument;
use App\Api\Document\ReadingDocument;
use App\Api\Document\RuleDocument;
use App\Exchange\Documents;
use Kontrast\Rulebook\Casebook;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\Meeting;
use Kontrast\Rulebook\Rule;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** The book of rules, laid open. */
#[Route('/api/rules')]
final readonly class RulebookController
{
    public function __construct(private Documents $documents, private Engine $engine, private Casebook $casebook)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/rules', operationId: 'rules', summary: 'Every rule, in the order of the book', responses: [
        new OA\Response(response: 200, description: 'The rules', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: RuleDocument::class))),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(array_map(fn (Rule $rule): array => $this->documents->toArray(RuleDocument::of($rule)), array_values($this->engine->book->rules)));
    }

    #[Route('/{id}/meetings', methods: ['GET'])]
    #[OA\Get(path: '/api/rules/{id}/meetings', operationId: 'meetings', summary: 'The rules this one meets in conflict, most often met first', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'The meetings', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MeetingDocument::class))),
        new OA\Response(response: 404, description: 'No such rule'),
    ])]
    public function meetings(string $id): JsonResponse
    {
        return new JsonResponse(array_map(fn (Meeting $meeting): array => $this->documents->toArray(MeetingDocument::of($meeting)), $this->casebook->meetings($this->rule($id))));
    }

    #[Route('/{id}/reading', methods: ['GET'])]
    #[OA\Get(path: '/api/rules/{id}/reading', operationId: 'decidingReading', summary: 'A reading in which this rule decides', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'The reading', content: new OA\JsonContent(ref: ReadingDocument::class)),
        new OA\Response(response: 404, description: 'No such rule, or none was found'),
    ])]
    public function reading(string $id): JsonResponse
    {
        $reading = $this->casebook->deciding($this->rule($id)) ?? throw new NotFoundHttpException('No reading was found in which this rule decides.');

        return new JsonResponse($this->documents->given(ReadingDocument::of($reading)));
    }

    private function rule(string $id): Rule
    {
        return $this->engine->book->rules[$id] ?? throw new NotFoundHttpException("There is no rule $id.");
    }
}
