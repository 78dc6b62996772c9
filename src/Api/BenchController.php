<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\BenchDocument;
use App\Api\Document\BenchRequestDocument;
use App\Api\Document\BestDocument;
use App\Api\Document\BestRequestDocument;
use App\Api\Document\MissingDocument;
use App\Api\Document\SwapDocument;
use App\Exchange\Builds;
use App\Exchange\DocumentReader;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Builds laid on the bench. */
final readonly class BenchController
{
    public function __construct(private DocumentReader $reader, private Builds $builds)
    {
    }

    #[Route('/api/bench', methods: ['POST'])]
    #[OA\Post(path: '/api/bench', operationId: 'judge', summary: 'A build judged for a reading: against the water, against itself, and against the advice', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BenchRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The verdict', content: new OA\JsonContent(ref: BenchDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function judge(Request $request): JsonResponse
    {
        return new JsonResponse($this->builds->judge($this->reader->read($request->getContent(), BenchRequestDocument::class)));
    }

    #[Route('/api/best', methods: ['POST'])]
    #[OA\Post(path: '/api/best', operationId: 'best', summary: 'The ten best builds of the bin for a reading, over every combination that fits', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BestRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'Best first', content: new OA\JsonContent(ref: BestDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function best(Request $request): JsonResponse
    {
        return new JsonResponse($this->builds->best($this->reader->read($request->getContent(), BestRequestDocument::class)->reading->toReading()));
    }

    #[Route('/api/swaps', methods: ['POST'])]
    #[OA\Post(path: '/api/swaps', operationId: 'swaps', summary: 'Single changes to a build that gain something, the most first', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BenchRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The swaps', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SwapDocument::class))),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function swaps(Request $request): JsonResponse
    {
        return new JsonResponse($this->builds->swaps($this->reader->read($request->getContent(), BenchRequestDocument::class)));
    }

    #[Route('/api/missing', methods: ['GET'])]
    #[OA\Get(path: '/api/missing', operationId: 'missing', summary: 'Parts not owned that would gain most over the readings put away', responses: [
        new OA\Response(response: 200, description: 'The parts', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MissingDocument::class))),
    ])]
    public function missing(): JsonResponse
    {
        return new JsonResponse($this->builds->missing());
    }
}
