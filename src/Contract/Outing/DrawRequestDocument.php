<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reader\LimitsLists;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Lures to be drawn as they are. */
#[OA\Schema(schema: 'DrawRequest', additionalProperties: false)]
final readonly class DrawRequestDocument implements LimitsLists
{
    private const MOST = 300;

    /** @param list<CompositionDocument> $builds */
    public function __construct(
        #[Assert\Valid]
        public array $builds,
    ) {
    }

    public static function limits(): array
    {
        return ['builds' => self::MOST];
    }
}
