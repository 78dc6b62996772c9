<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\SchoolQuestion;
use OpenApi\Attributes as OA;

/** What to show fish that have seen the usual. */
#[OA\Schema(schema: 'SomethingDifferent', additionalProperties: false)]
final readonly class SomethingDifferentDocument
{
    /** @param list<ChangeDocument> $changes */
    public function __construct(
        #[OA\Property(description: 'Null where all that is good here has been fished in this water.')]
        public ?BuildDocument $build,
        #[OA\Property(description: 'What is other than in the advice.')]
        public array $changes,
        #[OA\Property(description: 'The question that anglers part on, where it is what another school ties.')]
        public ?SchoolQuestion $question,
        #[OA\Property(description: 'That school.')]
        public ?string $school,
        #[OA\Property(minimum: 0, description: 'How many lures that look unlike each other the log has of this water.')]
        public int $fished,
    ) {
    }
}
