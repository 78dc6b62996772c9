<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Constraint\Hex;
use App\Contract\Reader\LimitsLists;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Taps on a picture: on the white card in it, and on the part. The picture itself stays in the browser. */
#[OA\Schema(schema: 'PhotoRequest', additionalProperties: false)]
final readonly class PhotoRequestDocument implements LimitsLists
{
    public const MOST_TAPS = 32;
    public const NO_CARD = 'Tap the white card, or the part whose color is known, at least once.';
    public const KNOWN = 'The color of what was tapped as a card. If left out: white paper.';

    /**
     * @param list<PhotoSampleDocument> $card
     * @param list<PhotoSampleDocument> $part
     */
    public function __construct(
        #[OA\Property(minItems: 1, maxItems: self::MOST_TAPS)]
        #[Assert\Count(min: 1, minMessage: self::NO_CARD)]
        #[Assert\Valid]
        public array $card,
        #[OA\Property(minItems: 1, maxItems: self::MOST_TAPS)]
        #[Assert\Count(min: 1, minMessage: 'Tap the part at least once.')]
        #[Assert\Valid]
        public array $part,
        #[OA\Property(description: self::KNOWN)]
        #[Hex]
        public ?string $known = null,
    ) {
    }

    public static function limits(): array
    {
        return ['card' => self::MOST_TAPS, 'part' => self::MOST_TAPS];
    }
}
