<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\BinDocument;
use App\Api\Document\IdsDocument;
use App\Api\Document\OwnedPartDocument;
use App\Entity\Swatch;
use App\Exchange\DocumentReader;
use App\Storage\BinKeeper;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The parts owned. */
#[Route('/api/bin')]
final readonly class BinController
{
    public function __construct(private BinKeeper $bin, private DocumentReader $reader)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/bin', operationId: 'bin', summary: 'Every part, by kind and name', responses: [
        new OA\Response(response: 200, description: 'The bin', content: new OA\JsonContent(ref: BinDocument::class)),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse([
            'parts' => array_map(BinKeeper::row(...), $this->bin->parts()),
            'mixed_boxes' => $this->bin->mixedBoxes(),
            'swatches' => array_map(static fn (Swatch $swatch): array => ['name' => $swatch->name(), 'hex' => $swatch->hex()], $this->bin->swatches()),
        ]);
    }

    #[Route(methods: ['POST'])]
    #[OA\Post(path: '/api/bin', operationId: 'addParts', summary: 'Add parts, all or none', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OwnedPartDocument::class))), responses: [
        new OA\Response(response: 201, description: 'The parts with their ids', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OwnedPartDocument::class))),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function add(Request $request): JsonResponse
    {
        return new JsonResponse(array_map(BinKeeper::row(...), $this->bin->add($this->reader->readList($request->getContent(), OwnedPartDocument::class))), 201);
    }

    #[Route(methods: ['PUT'])]
    #[OA\Put(path: '/api/bin', operationId: 'changeParts', summary: 'Change parts, all or none', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OwnedPartDocument::class))), responses: [
        new OA\Response(response: 200, description: 'The parts as they are now', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OwnedPartDocument::class))),
        new OA\Response(response: 409, description: 'One was changed since it was read; nothing was written'),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function change(Request $request): JsonResponse
    {
        return new JsonResponse(array_map(BinKeeper::row(...), $this->bin->change($this->reader->readList($request->getContent(), OwnedPartDocument::class))));
    }

    #[Route('/delete', methods: ['POST'])]
    #[OA\Post(path: '/api/bin/delete', operationId: 'deleteParts', summary: 'Take parts off the list; they can be restored', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: IdsDocument::class)), responses: [
        new OA\Response(response: 200, description: 'How many', content: new OA\JsonContent(required: ['count'], properties: [new OA\Property(property: 'count', type: 'integer')])),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function delete(Request $request): JsonResponse
    {
        return new JsonResponse(['count' => $this->bin->delete($this->reader->read($request->getContent(), IdsDocument::class)->ids)]);
    }

    #[Route('/restore', methods: ['POST'])]
    #[OA\Post(path: '/api/bin/restore', operationId: 'restoreParts', summary: 'Undo a deletion', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: IdsDocument::class)), responses: [
        new OA\Response(response: 200, description: 'How many', content: new OA\JsonContent(required: ['count'], properties: [new OA\Property(property: 'count', type: 'integer')])),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function restore(Request $request): JsonResponse
    {
        return new JsonResponse(['count' => $this->bin->restore($this->reader->read($request->getContent(), IdsDocument::class)->ids)]);
    }
}
