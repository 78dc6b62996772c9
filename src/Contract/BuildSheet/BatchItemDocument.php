<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use App\Contract\Constraint\Between;
use App\Contract\Constraint\Name;
use App\Contract\Inventory\CompositionDocument;
use Kontrast\BuildSheet\Batch;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** So many of one build. */
#[OA\Schema(schema: 'BatchItem', additionalProperties: false)]
final readonly class BatchItemDocument
{
    public function __construct(
        #[Name('A build')]
        public string $name,
        #[Assert\Valid]
        public CompositionDocument $build,
        #[Between(1, Batch::MOST_OF_ONE, 'How many are built at once')]
        public int $count,
    ) {
    }
}
