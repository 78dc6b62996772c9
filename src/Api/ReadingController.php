<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\KeptReadingDocument;
use App\Entity\KeptReading;
use App\Exchange\DocumentReader;
use App\Storage\Keeper;
use OpenApi\Attributes as OA;
use Symfony\Bridge\Doctrine\Attribute\MapEntity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Readings put away. */
#[Route('/api/readings')]
final readonly class ReadingController
{
    public function __construct(private Keeper $keeper, private DocumentReader $reader)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/readings', operationId: 'readings', summary: 'All readings put away, newest first', responses: [
        new OA\Response(response: 200, description: 'The readings', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: KeptReadingDocument::class))),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(array_map(KeptReadingDocument::rowOf(...), $this->keeper->readings()));
    }

    #[Route(methods: ['POST'])]
    #[OA\Post(path: '/api/readings', operationId: 'keepReading', summary: 'Put a reading away', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: KeptReadingDocument::class)), responses: [
        new OA\Response(response: 201, description: 'The reading with its id', content: new OA\JsonContent(ref: KeptReadingDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function keep(Request $request): JsonResponse
    {
        $kept = $this->keeper->addReading($this->reader->read($request->getContent(), KeptReadingDocument::class));

        return new JsonResponse(KeptReadingDocument::rowOf($kept), 201);
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/readings/{id}', operationId: 'deleteReading', summary: 'Take a reading off the list; it can be restored', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 204, description: 'Off the list'),
        new OA\Response(response: 404, description: 'No such reading'),
    ])]
    public function delete(#[MapEntity(message: 'There is no reading with this id.')] KeptReading $kept): JsonResponse
    {
        $this->keeper->delete($kept);

        return new JsonResponse(null, 204);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[OA\Post(path: '/api/readings/{id}/restore', operationId: 'restoreReading', summary: 'Undo a deletion', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'The reading, back on the list', content: new OA\JsonContent(ref: KeptReadingDocument::class)),
        new OA\Response(response: 404, description: 'No such reading'),
    ])]
    public function restore(#[MapEntity(message: 'There is no reading with this id.')] KeptReading $kept): JsonResponse
    {
        $this->keeper->restore($kept);

        return new JsonResponse(KeptReadingDocument::rowOf($kept));
    }
}
