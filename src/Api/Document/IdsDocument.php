<?php

declare(strict_types=1);

namespace App\Api\Document;

use App\Exchange\LimitsLists;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Which ones are meant. */
#[OA\Schema(schema: 'Ids', additionalProperties: false, required: ['ids'])]
final class IdsDocument implements LimitsLists
{
    /** @var list<string> */
    #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), minItems: 1, maxItems: 10000)]
    #[Assert\Count(min: 1, minMessage: 'Name at least one id.')]
    public array $ids;

    public static function limits(): array
    {
        return ['ids' => 10000];
    }
}
