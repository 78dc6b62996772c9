<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\AdviceDocument;
use App\Api\Document\ChangeDocument;
use App\Api\Document\ChangesRequestDocument;
use App\Api\Document\ReadingDocument;
use App\Exchange\DocumentReader;
use App\Exchange\Documents;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\Change;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** What to tie for a reading. */
final readonly class AdviceController
{
    public function __construct(private DocumentReader $reader, private Documents $documents, private Adviser $adviser)
    {
    }

    #[Route('/api/advice', methods: ['POST'])]
    #[OA\Post(path: '/api/advice', operationId: 'advise', summary: 'What to tie for a reading, and why', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ReadingDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The advice', content: new OA\JsonContent(ref: AdviceDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function advise(Request $request): JsonResponse
    {
        $reading = $this->reader->read($request->getContent(), ReadingDocument::class)->toReading();

        return new JsonResponse($this->documents->toArray(AdviceDocument::of($this->adviser->advise($reading))));
    }

    #[Route('/api/changes', methods: ['POST'])]
    #[OA\Post(path: '/api/changes', operationId: 'changes', summary: 'Which picks change from one reading to another, and why', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ChangesRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The changes, in the order of the picks', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: ChangeDocument::class))),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function changes(Request $request): JsonResponse
    {
        $two = $this->reader->read($request->getContent(), ChangesRequestDocument::class);
        $changes = $this->adviser->changes($two->before->toReading(), $two->after->toReading());

        return new JsonResponse(array_map(fn (Change $change): array => $this->documents->toArray(ChangeDocument::of($change)), $changes));
    }
}
