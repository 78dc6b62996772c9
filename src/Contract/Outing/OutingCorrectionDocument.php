<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Reader\LimitsLists;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** An outing as it was read and as it was corrected: what another device noted meanwhile stays. */
#[OA\Schema(schema: 'OutingCorrection', additionalProperties: false, required: ['before', 'outing'])]
final readonly class OutingCorrectionDocument implements LimitsLists
{
    private const MOST_ANSWERS = 500;

    /** @param list<ConflictAnswerDocument> $answers */
    public function __construct(
        #[OA\Property(ref: OutingDocument::class)]
        #[Assert\Valid]
        public OutingDocument $before,
        #[OA\Property(ref: OutingDocument::class)]
        #[Assert\Valid]
        public OutingDocument $outing,
        #[OA\Property(type: 'array', items: new OA\Items(ref: ConflictAnswerDocument::class))]
        #[Assert\Valid]
        public array $answers = [],
    ) {
    }

    public static function limits(): array
    {
        return ['answers' => self::MOST_ANSWERS];
    }
}
