<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Between;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reader\LimitsLists;
use App\Contract\Reader\Sparse;
use Kontrast\Logbook\WagerRule;
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
        #[OA\Property(description: 'Of a trial drawn before December 2026: it ends when one is this many bites ahead …')]
        public ?int $lead = null,
        #[OA\Property(description: '… or when there were this many in all.')]
        public ?int $most_bites = null,
        #[OA\Property(description: 'How long it takes at most to find out a lure twice as good, four times in five. The program’s own.')]
        public ?float $hours = null,
        #[OA\Property(description: 'How often luck alone may claim a difference: 0.05, or 0.2 for a shorter trial.')]
        #[Assert\Choice(choices: WagerRule::RISKS, message: 'The risk is 0.05, or 0.2 for a shorter trial.')]
        public float $risk = 0.05,
        #[OA\Property(description: 'How many bites come together, as far as the log knew when it was drawn. Worked out by the program.')]
        #[Between(1, 100, 'Bites that come together')]
        public float $bites_together = 1.0,
    ) {
    }

    public static function limits(): array
    {
        return ['first_is_a' => self::MOST_PAIRS];
    }
}
