<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\AdviceDocument;
use App\Api\Document\ReadingDocument;
use App\Exchange\DocumentReader;
use App\Exchange\Documents;
use Kontrast\Rulebook\Adviser;
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
    public function __invoke(Request $request): JsonResponse
    {
        $reading = $this->reader->read($request->getContent(), ReadingDocument::class)->toReading();

        return new JsonResponse($this->documents->toArray(AdviceDocument::of($this->adviser->advise($reading))));
    }
}
