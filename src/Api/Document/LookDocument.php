<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Eye\Gaze;
use Kontrast\Eye\Pair;
use Kontrast\Eye\ReducedPart;
use OpenApi\Attributes as OA;

/** What a bass can pick out, and from how far. */
#[OA\Schema(schema: 'Look', additionalProperties: false, required: ['water', 'parts', 'pairs'])]
final readonly class LookDocument
{
    /**
     * @param list<SeenPartDocument> $parts
     * @param list<SeenPairDocument> $pairs
     */
    public function __construct(
        #[OA\Property(ref: LookWaterDocument::class)]
        public LookWaterDocument $water,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SeenPartDocument::class))]
        public array $parts,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SeenPairDocument::class))]
        public array $pairs,
    ) {
    }

    /**
     * @param list<ReducedPart> $parts
     * @param list<Pair>        $pairs
     */
    public static function of(Gaze $gaze, array $parts, array $pairs): self
    {
        return new self(LookWaterDocument::of($gaze), array_map(SeenPartDocument::of(...), $parts), array_map(SeenPairDocument::of(...), $pairs));
    }
}
