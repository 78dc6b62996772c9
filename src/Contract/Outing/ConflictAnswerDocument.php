<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;

/** Which version of one conflict stays. */
#[OA\Schema(schema: 'ConflictAnswer', additionalProperties: false)]
final readonly class ConflictAnswerDocument
{
    public function __construct(
        #[OA\Property(description: 'The key of the conflict that was shown. One about another stored version answers nothing.')]
        #[Text(64, 'A key')]
        public string $conflict,
        public ConflictSide $keep,
    ) {
    }
}
