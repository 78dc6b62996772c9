<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\DepthsDocument;
use App\Api\Document\DepthsRequestDocument;
use App\Api\Document\LookDocument;
use App\Api\Document\LookRequestDocument;
use App\Api\Document\OpinionDocument;
use App\Api\Document\ReadingDocument;
use App\Api\Document\SceneDocument;
use App\Exchange\DocumentReader;
use App\Exchange\Documents;
use App\Exchange\Looks;
use Kontrast\Bench\SecondOpinion;
use Kontrast\Eye\DepthHold;
use Kontrast\Rulebook\Adviser;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\Routing\Attribute\Route;

/** What the model makes of parts in a water. */
final readonly class LookController
{
    public function __construct(private DocumentReader $reader, private Documents $documents, private Looks $looks, private Adviser $adviser)
    {
    }

    #[Route('/api/look', methods: ['POST'])]
    #[OA\Post(path: '/api/look', operationId: 'look', summary: 'What a bass can pick out, and from how far', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: LookRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The look', content: new OA\JsonContent(ref: LookDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function look(Request $request): JsonResponse
    {
        return new JsonResponse($this->looks->look($this->reader->read($request->getContent(), LookRequestDocument::class)));
    }

    #[Route('/api/scene', methods: ['POST'])]
    #[OA\Post(path: '/api/scene', operationId: 'scene', summary: 'A look followed out over distance, with colours for a screen', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: LookRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The scene', content: new OA\JsonContent(ref: SceneDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function scene(Request $request): JsonResponse
    {
        return new JsonResponse($this->looks->scene($this->reader->read($request->getContent(), LookRequestDocument::class)));
    }

    #[Route('/api/opinion', methods: ['POST'])]
    #[OA\Post(path: '/api/opinion', operationId: 'opinion', summary: 'The model’s second opinion on the advice for a reading', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: ReadingDocument::class)), responses: [
        new OA\Response(response: 200, description: 'An opinion a pick', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: OpinionDocument::class))),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function opinion(Request $request): JsonResponse
    {
        $reading = $this->reader->read($request->getContent(), ReadingDocument::class)->toReading();
        $opinions = Looks::inWater(fn (): array => SecondOpinion::on($reading, $this->adviser->advise($reading)), 'visibility_in');

        return new JsonResponse(array_map(fn ($opinion): array => $this->documents->toArray(OpinionDocument::of($opinion)), $opinions));
    }

    #[Route('/api/depths', methods: ['POST'])]
    #[OA\Post(path: '/api/depths', operationId: 'depths', summary: 'How each colour word holds up with depth', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: DepthsRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The colours over depth', content: new OA\JsonContent(ref: DepthsDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function depths(Request $request): JsonResponse
    {
        $document = $this->reader->read($request->getContent(), DepthsRequestDocument::class);
        $hold = Looks::inWater(static fn (): DepthHold => DepthHold::in($document->reading->toReading(), $document->from), 'reading.visibility_in');

        return new JsonResponse($this->documents->toArray(DepthsDocument::of($hold)));
    }
}
