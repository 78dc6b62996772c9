<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Constraint\Hex;
use App\Contract\Reader\LimitsLists;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A patch of a picture, and what tells the light in it. The picture itself stays in the browser. */
#[OA\Schema(schema: 'PatchRequest', additionalProperties: false)]
final readonly class PatchRequestDocument implements LimitsLists
{
    private const MOST_PIXELS = 2500;

    /**
     * @param list<PhotoSampleDocument> $card
     * @param list<string>              $pixels
     */
    public function __construct(
        #[OA\Property(minItems: 1, maxItems: PhotoRequestDocument::MOST_TAPS)]
        #[Assert\Count(min: 1, minMessage: PhotoRequestDocument::NO_CARD)]
        #[Assert\Valid]
        public array $card,
        #[OA\Property(description: 'Spread evenly over the patch, as they are in the picture.', minItems: 1, maxItems: self::MOST_PIXELS)]
        #[Assert\Count(min: 1, minMessage: 'A patch has at least one pixel.')]
        #[Assert\All([new Hex()])]
        public array $pixels,
        #[OA\Property(description: PhotoRequestDocument::KNOWN)]
        #[Hex]
        public ?string $known = null,
    ) {
    }

    public static function limits(): array
    {
        return ['card' => PhotoRequestDocument::MOST_TAPS, 'pixels' => self::MOST_PIXELS];
    }
}
