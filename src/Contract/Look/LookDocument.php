<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Viewing;
use OpenApi\Attributes as OA;

/** What a bass can pick out, and from how far. */
#[OA\Schema(schema: 'Look', additionalProperties: false)]
final readonly class LookDocument
{
    /**
     * @param list<SeenPartDocument> $parts
     * @param list<SeenPairDocument> $pairs
     */
    public function __construct(
        public LookWaterDocument $water,
        public array $parts,
        public array $pairs,
    ) {
    }

    /**
     * @param list<ReducedPart> $parts
     * @param list<Pair>        $pairs
     */
    public static function of(Viewing $viewing, array $parts, array $pairs): self
    {
        return new self(
            LookWaterDocument::of($viewing),
            array_map(SeenPartDocument::of(...), $parts),
            array_map(SeenPairDocument::of(...), $pairs),
        );
    }
}
