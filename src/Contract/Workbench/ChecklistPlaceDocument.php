<?php

declare(strict_types=1);

namespace App\Contract\Workbench;

use App\Contract\Constraint\Between;
use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;

/** How far the checklist of one build has been worked through. */
#[OA\Schema(schema: 'ChecklistPlace', additionalProperties: false)]
final readonly class ChecklistPlaceDocument
{
    private const MOST_STEPS = 100;
    private const LONGEST_KEY = 400;

    public function __construct(
        #[OA\Property(description: 'The build, named by its parts.')]
        #[Text(self::LONGEST_KEY, 'The name of a build')]
        public string $build,
        #[OA\Property(description: 'The next step to do, counted from 0.')]
        #[Between(0, self::MOST_STEPS, 'A step')]
        public int $step,
    ) {
    }
}
