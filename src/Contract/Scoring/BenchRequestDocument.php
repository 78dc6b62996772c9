<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reading\ReadingDocument;
use Kontrast\Water\Direction;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A build laid on the bench, and the reading it is for. */
#[OA\Schema(schema: 'BenchRequest', additionalProperties: false)]
final readonly class BenchRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public ReadingDocument $reading,
        #[Assert\Valid]
        public CompositionDocument $build,
        #[OA\Property(description: 'Where the fish sees it from.')]
        public Direction $from = Direction::Side,
    ) {
    }
}
