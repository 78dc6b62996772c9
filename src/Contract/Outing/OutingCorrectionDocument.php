<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Reader\LimitsLists;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** An outing as it was read and as it was corrected: what another device noted meanwhile stays. */
#[OA\Schema(schema: 'OutingCorrection', additionalProperties: false)]
final readonly class OutingCorrectionDocument implements LimitsLists
{
    private const MOST_ANSWERS = 500;

    /** @param list<ConflictAnswerDocument> $answers */
    public function __construct(
        #[Assert\Valid]
        public OutingDocument $before,
        #[Assert\Valid]
        public OutingDocument $outing,
        #[Assert\Valid]
        public array $answers = [],
    ) {
    }

    public static function limits(): array
    {
        return ['answers' => self::MOST_ANSWERS];
    }
}
