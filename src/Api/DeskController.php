<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\DeskDocument;
use App\Exchange\DocumentReader;
use App\Storage\Keeper;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The reading being worked on. */
#[Route('/api/desk')]
final readonly class DeskController
{
    public function __construct(private Keeper $keeper, private DocumentReader $reader)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/desk', operationId: 'desk', summary: 'The reading last worked on', responses: [
        new OA\Response(response: 200, description: 'It, or null before the first', content: new OA\JsonContent(oneOf: [new OA\Schema(ref: DeskDocument::class), new OA\Schema(type: 'null')])),
    ])]
    public function show(): JsonResponse
    {
        $desk = $this->keeper->desk();

        return null === $desk
            ? JsonResponse::fromJsonString('null')
            : new JsonResponse(['reading' => $desk->reading(), 'water_id' => $desk->water()?->id()]);
    }

    #[Route(methods: ['PUT'])]
    #[OA\Put(path: '/api/desk', operationId: 'layOnDesk', summary: 'Keep the reading being worked on', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: DeskDocument::class)), responses: [
        new OA\Response(response: 204, description: 'Kept'),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function lay(Request $request): JsonResponse
    {
        $this->keeper->lay($this->reader->read($request->getContent(), DeskDocument::class));

        return new JsonResponse(null, 204);
    }
}
