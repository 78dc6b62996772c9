<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Reader\LimitsLists;
use App\Contract\Reading\ReadingDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** The readings to buy parts for. */
#[OA\Schema(schema: 'ShoppingRequest', additionalProperties: false)]
final readonly class ShoppingRequestDocument implements LimitsLists
{
    public const MOST_READINGS = 50;

    /** @param list<ReadingDocument> $readings */
    public function __construct(
        #[OA\Property(minItems: 1, maxItems: self::MOST_READINGS)]
        #[Assert\Count(min: 1, minMessage: 'Choose at least one reading.')]
        #[Assert\Valid]
        public array $readings,
    ) {
    }

    public static function limits(): array
    {
        return ['readings' => self::MOST_READINGS];
    }
}
