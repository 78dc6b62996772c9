<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\PaletteDocument;
use App\Exchange\Documents;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\Routing\Attribute\Route;

/** What colour words and finishes look like in the hand. */
final readonly class PaletteController
{
    public function __construct(private Documents $documents)
    {
    }

    #[Route('/api/palette', methods: ['GET'])]
    #[OA\Get(path: '/api/palette', operationId: 'palette', summary: 'Colours of words and finishes, and what the facts say', responses: [
        new OA\Response(response: 200, description: 'The palette', content: new OA\JsonContent(ref: PaletteDocument::class)),
    ])]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse($this->documents->toArray(PaletteDocument::standard()));
    }
}
