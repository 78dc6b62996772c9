<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\BatchDocument;
use App\Api\Document\BatchRequestDocument;
use App\Api\Document\MadeDocument;
use App\Api\Document\SheetDocument;
use App\Api\Document\SheetRequestDocument;
use App\Entity\Made;
use App\Exchange\DocumentReader;
use App\Exchange\Sheets;
use App\Storage\MadeKeeper;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Build sheets, batches, and what was made. */
final readonly class SheetController
{
    public function __construct(private DocumentReader $reader, private Sheets $sheets, private MadeKeeper $made)
    {
    }

    #[Route('/api/sheet', methods: ['POST'])]
    #[OA\Post(path: '/api/sheet', operationId: 'sheet', summary: 'How to put a build together', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SheetRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The sheet', content: new OA\JsonContent(ref: SheetDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function sheet(Request $request): JsonResponse
    {
        return new JsonResponse($this->sheets->sheet($this->reader->read($request->getContent(), SheetRequestDocument::class)));
    }

    #[Route('/api/batch', methods: ['POST'])]
    #[OA\Post(path: '/api/batch', operationId: 'batch', summary: 'What a batch uses, what runs short, and in which order it is made; nothing is drawn', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BatchRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The batch', content: new OA\JsonContent(ref: BatchDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function batch(Request $request): JsonResponse
    {
        return new JsonResponse($this->sheets->batch($this->reader->read($request->getContent(), BatchRequestDocument::class)));
    }

    #[Route('/api/made', methods: ['GET'])]
    #[OA\Get(path: '/api/made', operationId: 'made', summary: 'What was made, newest first', responses: [
        new OA\Response(response: 200, description: 'The batches', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: MadeDocument::class))),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(array_map(MadeDocument::of(...), $this->made->made()));
    }

    #[Route('/api/made', methods: ['POST'])]
    #[OA\Post(path: '/api/made', operationId: 'make', summary: 'Note a batch as made and draw its parts from the bin, all or nothing', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BatchRequestDocument::class)), responses: [
        new OA\Response(response: 201, description: 'The batch', content: new OA\JsonContent(ref: MadeDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function make(Request $request): JsonResponse
    {
        return new JsonResponse(MadeDocument::of($this->made->make($this->reader->read($request->getContent(), BatchRequestDocument::class))), 201);
    }

    #[Route('/api/made/{id}/undo', methods: ['POST'])]
    #[OA\Post(path: '/api/made/{id}/undo', operationId: 'unmake', summary: 'Undo: the parts go back into the bin', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 204, description: 'Undone'),
        new OA\Response(response: 404, description: 'No such batch'),
    ])]
    public function undo(string $id): JsonResponse
    {
        $this->made->undo($this->one($id));

        return new JsonResponse(null, 204);
    }

    private function one(string $id): Made
    {
        return $this->made->find($id) ?? throw new NotFoundHttpException('Nothing was made under this id.');
    }
}
