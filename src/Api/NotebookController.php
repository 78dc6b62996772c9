<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\NotebookDocument;
use App\Exchange\DocumentReader;
use App\Exchange\Notebook;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Everything kept, in and out as one JSON document. */
#[Route('/api/notebook')]
final readonly class NotebookController
{
    public function __construct(private Notebook $notebook)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/notebook', operationId: 'notebook', summary: 'Carry away all waters and readings', responses: [
        new OA\Response(response: 200, description: 'The notebook', content: new OA\JsonContent(ref: NotebookDocument::class)),
    ])]
    public function export(): JsonResponse
    {
        return new JsonResponse($this->notebook->export(), 200, ['Content-Disposition' => 'attachment; filename="kontrast-notebook.json"']);
    }

    #[Route(methods: ['POST'])]
    #[OA\Post(path: '/api/notebook', operationId: 'importNotebook', summary: 'Take in waters and readings, all or none', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: NotebookDocument::class)), responses: [
        new OA\Response(response: 200, description: 'How many were new', content: new OA\JsonContent(required: ['waters', 'readings', 'builds'], properties: [
            new OA\Property(property: 'builds', type: 'integer'),
            new OA\Property(property: 'waters', type: 'integer'),
            new OA\Property(property: 'readings', type: 'integer'),
        ])),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function import(Request $request): JsonResponse
    {
        return new JsonResponse($this->notebook->import(DocumentReader::decode($request->getContent())));
    }
}
