<?php

declare(strict_types=1);

namespace App\Api;

use App\Api\Document\PhotoRequestDocument;
use App\Api\Document\ReadColourDocument;
use App\Api\Document\TapDocument;
use App\Device\Colorimeter;
use App\Device\NoDevice;
use App\Exchange\DocumentReader;
use Kontrast\Bin\PhotoColour;
use Kontrast\Bin\PhotoWarning;
use Kontrast\Bin\Tap;
use Kontrast\Eye\Ciede2000;
use Kontrast\Material\Srgb;
use Kontrast\Material\Xyz;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;
use Symfony\Component\Routing\Attribute\Route;

/** Colours read off a photo or a colorimeter. */
#[Route('/api/colour')]
final readonly class ColourController
{
    private const READINGS = 3;

    public function __construct(private DocumentReader $reader, private Colorimeter $colorimeter)
    {
    }

    #[Route('/photo', methods: ['POST'])]
    #[OA\Post(path: '/api/colour/photo', operationId: 'photoColour', summary: 'A part’s colour from taps on a picture with a white card in it', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: PhotoRequestDocument::class)), responses: [
        new OA\Response(response: 200, description: 'The colour', content: new OA\JsonContent(ref: ReadColourDocument::class)),
        new OA\Response(response: 422, ref: '#/components/responses/Invalid'),
    ])]
    public function photo(Request $request): JsonResponse
    {
        $photo = $this->reader->read($request->getContent(), PhotoRequestDocument::class);
        $read = PhotoColour::read(self::taps($photo->card), self::taps($photo->part));

        return new JsonResponse(ReadColourDocument::of($read->colour, $read->spread, array_map(static fn (PhotoWarning $warning): string => $warning->words(), $read->warnings)));
    }

    #[Route('/meter', methods: ['POST'])]
    #[OA\Post(path: '/api/colour/meter', operationId: 'meterColour', summary: 'The colour that lies under the colorimeter, of three readings', responses: [
        new OA\Response(response: 200, description: 'The colour', content: new OA\JsonContent(ref: ReadColourDocument::class)),
        new OA\Response(response: 503, description: 'No colorimeter answers'),
    ])]
    public function meter(): JsonResponse
    {
        try {
            $readings = $this->colorimeter->read(self::READINGS);
        } catch (NoDevice $none) {
            throw new ServiceUnavailableHttpException(null, $none->getMessage(), $none);
        }
        $mean = static fn (callable $of): float => array_sum(array_map($of, $readings)) / \count($readings);
        $colour = Srgb::nearest(new Xyz($mean(static fn (Xyz $xyz): float => $xyz->x), $mean(static fn (Xyz $xyz): float => $xyz->y), $mean(static fn (Xyz $xyz): float => $xyz->z)));
        $spread = max(array_map(static fn (Xyz $xyz): float => Ciede2000::between($colour->toLab(), Srgb::nearest($xyz)->toLab()), $readings));

        return new JsonResponse(ReadColourDocument::of($colour, $spread, []));
    }

    /**
     * @param list<TapDocument> $taps
     *
     * @return non-empty-list<Tap>
     */
    private static function taps(array $taps): array
    {
        $tapped = array_map(static fn (TapDocument $tap): Tap => $tap->toTap(), $taps);

        return [] !== $tapped ? $tapped : throw new \LogicException('Checked before.');
    }
}
