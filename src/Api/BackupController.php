<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\BackupDocument;
use App\Exchange\Backup;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Everything kept, in and out. */
#[Route('/api/backup')]
final readonly class BackupController
{
    public function __construct(private Backup $backup)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/backup', operationId: 'backup', summary: 'Everything kept, as one document', responses: [
        new OA\Response(response: 200, description: 'The backup', content: new OA\JsonContent(ref: BackupDocument::class)),
    ])]
    public function make(): JsonResponse
    {
        return new JsonResponse($this->backup->make(), 200, ['Content-Disposition' => 'attachment; filename="kontrast-backup.json"']);
    }

    #[Route(methods: ['POST'])]
    #[OA\Post(path: '/api/backup', operationId: 'restore', summary: 'Put everything back as a backup has it, all or nothing; what was there is written to a file first', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: BackupDocument::class)), responses: [
        new OA\Response(response: 200, description: 'What was put back', content: new OA\JsonContent(required: ['waters', 'readings', 'parts', 'builds', 'kept_in'], properties: [
            new OA\Property(property: 'waters', type: 'integer'),
            new OA\Property(property: 'readings', type: 'integer'),
            new OA\Property(property: 'parts', type: 'integer'),
            new OA\Property(property: 'builds', type: 'integer'),
            new OA\Property(property: 'kept_in', type: 'string', description: 'The file in var/backups with what was there before.'),
        ])),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function restore(Request $request): JsonResponse
    {
        return new JsonResponse($this->backup->restore($request->getContent()));
    }
}
