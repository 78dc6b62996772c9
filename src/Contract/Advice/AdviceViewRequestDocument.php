<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use App\Contract\Reading\ReadingDocument;
use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A reading to advise on, from where to look at the lure, and the reading it was changed from. */
#[OA\Schema(schema: 'AdviceViewRequest', additionalProperties: false)]
final readonly class AdviceViewRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
        public Direction $from,
        #[OA\Property(description: 'To tell what changes.')]
        #[Assert\Valid]
        public ?ReadingDocument $before = null,
    ) {
    }
}
