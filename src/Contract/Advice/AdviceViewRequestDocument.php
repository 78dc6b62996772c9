<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Reading\ReadingDocument;
use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading to advise on, from where to look at the lure, and the reading it was changed from. */
#[OA\Schema(schema: 'AdviceViewRequest', additionalProperties: false, required: ['reading', 'from'])]
final readonly class AdviceViewRequestDocument
{
    public function __construct(
        #[OA\Property(ref: ReadingDocument::class)]
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[OA\Property(type: 'string', enum: Direction::class)]
        public Direction $from,
        #[OA\Property(ref: ReadingDocument::class, nullable: true, description: 'To tell what changes.')]
        #[Assert\Valid]
        public ?ReadingDocument $before = null,
    ) {
    }
}
