<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reading\ReadingDocument;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** A build to be put together, and the reading its weight is held against, where there is one. */
#[OA\Schema(schema: 'BuildSheetRequest', additionalProperties: false)]
final readonly class BuildSheetRequestDocument
{
    public function __construct(
        #[Assert\Valid]
        public CompositionDocument $build,
        #[Assert\Valid]
        public ?ReadingDocument $reading = null,
    ) {
    }
}
