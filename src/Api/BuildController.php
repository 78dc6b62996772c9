<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\SavedBuildDocument;
use App\Entity\SavedBuild;
use App\Exchange\DocumentReader;
use App\Storage\BuildKeeper;
use OpenApi\Attributes as OA;
use Symfony\Bridge\Doctrine\Attribute\MapEntity;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** Builds put away. */
#[Route('/api/builds')]
final readonly class BuildController
{
    private const NONE = 'There is no build with this id.';

    public function __construct(private BuildKeeper $builds, private DocumentReader $reader)
    {
    }

    #[Route(methods: ['GET'])]
    #[OA\Get(path: '/api/builds', operationId: 'builds', summary: 'All builds put away, by name', responses: [
        new OA\Response(response: 200, description: 'The builds', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: SavedBuildDocument::class))),
    ])]
    public function list(): JsonResponse
    {
        return new JsonResponse(array_map(SavedBuildDocument::row(...), $this->builds->builds()));
    }

    #[Route(methods: ['POST'])]
    #[OA\Post(path: '/api/builds', operationId: 'saveBuild', summary: 'Put a build away', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SavedBuildDocument::class)), responses: [
        new OA\Response(response: 201, description: 'The build with its id', content: new OA\JsonContent(ref: SavedBuildDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function add(Request $request): JsonResponse
    {
        return new JsonResponse(SavedBuildDocument::row($this->builds->add($this->reader->read($request->getContent(), SavedBuildDocument::class))), 201);
    }

    #[Route('/{id}', methods: ['PUT'])]
    #[OA\Put(path: '/api/builds/{id}', operationId: 'changeBuild', summary: 'Change a build', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: SavedBuildDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The build as it is now', content: new OA\JsonContent(ref: SavedBuildDocument::class)),
        new OA\Response(response: 404, description: 'No such build'),
        new OA\Response(response: 409, description: 'It was changed since it was read; nothing was written'),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function change(#[MapEntity(message: self::NONE)] SavedBuild $build, Request $request): JsonResponse
    {
        $this->builds->change($build, $this->reader->read($request->getContent(), SavedBuildDocument::class));

        return new JsonResponse(SavedBuildDocument::row($build));
    }

    #[Route('/{id}', methods: ['DELETE'])]
    #[OA\Delete(path: '/api/builds/{id}', operationId: 'deleteBuild', summary: 'Take a build off the list; it can be restored', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 204, description: 'Off the list'),
        new OA\Response(response: 404, description: 'No such build'),
    ])]
    public function delete(#[MapEntity(message: self::NONE)] SavedBuild $build): JsonResponse
    {
        $this->builds->delete($build);

        return new JsonResponse(null, 204);
    }

    #[Route('/{id}/restore', methods: ['POST'])]
    #[OA\Post(path: '/api/builds/{id}/restore', operationId: 'restoreBuild', summary: 'Undo a deletion', parameters: [new OA\PathParameter(name: 'id', schema: new OA\Schema(type: 'string'))], responses: [
        new OA\Response(response: 200, description: 'The build, back on the list', content: new OA\JsonContent(ref: SavedBuildDocument::class)),
        new OA\Response(response: 404, description: 'No such build'),
    ])]
    public function restore(#[MapEntity(message: self::NONE)] SavedBuild $build): JsonResponse
    {
        $this->builds->restore($build);

        return new JsonResponse(SavedBuildDocument::row($build));
    }
}
