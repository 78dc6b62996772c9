<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\Pair;
use Kontrast\Vision\Separation;
use OpenApi\Attributes as OA;

/** Two parts beside each other: in the hand, at the part, and as they read from the judging distance. */
#[OA\Schema(
    schema: 'SeenPair',
    additionalProperties: false,
)]
final readonly class SeenPairDocument
{
    public function __construct(
        public string $a,
        public string $b,
        public float $in_hand_de00,
        public float $colour_jnd,
        public float $tone_jnd,
        public Separation $reads,
        public float $split_range_in,
    ) {
    }

    public static function of(Pair $pair): self
    {
        return new self(
            $pair->a->part->id,
            $pair->b->part->id,
            SignificantDigits::round($pair->inTheHand()),
            SignificantDigits::round($pair->colour()),
            SignificantDigits::round($pair->tone()),
            $pair->reads(),
            SignificantDigits::round($pair->splitRange()->inInches()),
        );
    }
}
