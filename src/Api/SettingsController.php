<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\SettingsDocument;
use App\Exchange\DocumentReader;
use App\Storage\Keeper;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** The angler's standing choices. */
#[Route('/api/settings')]
final readonly class SettingsController
{
    public function __construct(private Keeper $keeper, private DocumentReader $reader)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/settings', operationId: 'settings', summary: 'The standing choices', responses: [
        new OA\Response(response: 200, description: 'The choices', content: new OA\JsonContent(ref: SettingsDocument::class)),
    ])]
    public function show(): JsonResponse
    {
        return new JsonResponse($this->keeper->settings());
    }

    #[Route(methods: ['PUT'])]
    #[OA\Put(path: '/api/settings', operationId: 'choose', summary: 'Change the standing choices', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SettingsDocument::class)), responses: [
        new OA\Response(response: 204, description: 'Kept'),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function choose(Request $request): JsonResponse
    {
        $this->keeper->choose($this->reader->read($request->getContent(), SettingsDocument::class));

        return new JsonResponse(null, 204);
    }
}
