<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Between;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reader\Sparse;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A fair trial of two lures as it was drawn: nothing of it changes once it has begun. */
#[OA\Schema(schema: 'Trial', additionalProperties: false)]
final readonly class TrialDocument implements LimitsLists, Sparse
{
    private const MOST_PAIRS = 500;

    /** @param list<bool> $first_is_a */
    public function __construct(
        #[Assert\Valid]
        public CompositionDocument $a,
        #[Assert\Valid]
        public CompositionDocument $b,
        #[OA\Property(description: 'How long one is fished at a stretch, minutes.')]
        #[Between(5, 60, 'A block', 'minutes')]
        public int $block_min,
        #[OA\Property(description: 'Of every two blocks, whether A comes first. Drawn by the program.')]
        public array $first_is_a = [],
        #[OA\Property(description: 'It ends when one is this many bites ahead. Worked out by the program.')]
        public ?int $lead = null,
        #[OA\Property(description: 'Or when there were this many in all.')]
        public ?int $most_bites = null,
        #[OA\Property(description: 'How long that takes at most, nine times in ten.')]
        public ?float $hours = null,
    ) {
    }

    public static function limits(): array
    {
        return ['first_is_a' => self::MOST_PAIRS];
    }
}
