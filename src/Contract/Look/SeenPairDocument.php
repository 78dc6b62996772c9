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
    required: ['a', 'b', 'in_hand_de00', 'colour_jnd', 'tone_jnd', 'reads', 'split_range_in'],
)]
final readonly class SeenPairDocument
{
    public function __construct(
        #[OA\Property]
        public string $a,
        #[OA\Property]
        public string $b,
        #[OA\Property]
        public float $in_hand_de00,
        #[OA\Property]
        public float $colour_jnd,
        #[OA\Property]
        public float $tone_jnd,
        #[OA\Property(type: 'string', enum: Separation::class)]
        public Separation $reads,
        #[OA\Property]
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
