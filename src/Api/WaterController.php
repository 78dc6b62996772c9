<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\WaterDocument;
use App\Entity\Water;
use App\Exchange\DocumentReader;
use App\Exchange\Documents;
use App\Storage\Keeper;
use OpenApi\Attributes as OA;
use Symfony\Bridge\Doctrine\Attribute\MapEntity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The places the angler fishes. */
#[Route('/api/waters')]
final readonly class WaterController
{
    public function __construct(private Keeper $keeper, private DocumentReader $reader, private Documents $documents)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/waters', operationId: 'waters', summary: 'All waters, by name', responses: [
        new OA\Response(response: 200, description: 'The waters', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: WaterDocument::class))),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(array_map($this->document(...), $this->keeper->waters()));
    }

    #[Route(methods: ['POST'])]
    #[OA\Post(path: '/api/waters', operationId: 'addWater', summary: 'Add a water', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: WaterDocument::class)), responses: [
        new OA\Response(response: 201, description: 'The water with its id', content: new OA\JsonContent(ref: WaterDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function add(Request $request): JsonResponse
    {
        return new JsonResponse($this->document($this->keeper->addWater($this->reader->read($request->getContent(), WaterDocument::class))), 201);
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[OA\Put(path: '/api/waters/{id}', operationId: 'changeWater', summary: 'Change a water', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: WaterDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The water as it is now', content: new OA\JsonContent(ref: WaterDocument::class)),
        new OA\Response(response: 404, description: 'No such water'),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function change(#[MapEntity(message: 'There is no water with this id.')] Water $water, Request $request): JsonResponse
    {
        $this->keeper->changeWater($water, $this->reader->read($request->getContent(), WaterDocument::class));

        return new JsonResponse($this->document($water));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/waters/{id}', operationId: 'deleteWater', summary: 'Take a water off the list; it can be restored', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 204, description: 'Off the list'),
        new OA\Response(response: 404, description: 'No such water'),
    ])]
    public function delete(#[MapEntity(message: 'There is no water with this id.')] Water $water): JsonResponse
    {
        $this->keeper->delete($water);

        return new JsonResponse(null, 204);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[OA\Post(path: '/api/waters/{id}/restore', operationId: 'restoreWater', summary: 'Undo a deletion', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'The water, back on the list', content: new OA\JsonContent(ref: WaterDocument::class)),
        new OA\Response(response: 404, description: 'No such water'),
    ])]
    public function restore(#[MapEntity(message: 'There is no water with this id.')] Water $water): JsonResponse
    {
        $this->keeper->restore($water);

        return new JsonResponse($this->document($water));
    }

    /** @return array<string, mixed> */
    private function document(Water $water): array
    {
        return $this->documents->toArray(WaterDocument::of($water));
    }
}
