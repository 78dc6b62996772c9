<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Reader\LimitsLists;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Which ones are meant. */
#[OA\Schema(schema: 'Ids', additionalProperties: false)]
final readonly class IdsDocument implements LimitsLists
{
    public const MOST = 10_000;

    /** @param list<string> $ids */
    public function __construct(
        #[OA\Property(minItems: 1, maxItems: self::MOST)]
        #[Assert\Count(min: 1, minMessage: 'Name at least one id.')]
        public array $ids,
    ) {
    }

    public static function limits(): array
    {
        return ['ids' => self::MOST];
    }
}
