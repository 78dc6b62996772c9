<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;

/** Parts as somebody would write them on a list, one on each line. */
#[OA\Schema(schema: 'PartLinesRequest', additionalProperties: false)]
final readonly class PartLinesRequestDocument
{
    public const MOST_LINES = 200;

    public function __construct(
        #[OA\Property(description: 'One part on each line: 12 green pumpkin craw 3.5 in')]
        #[Assert\NotBlank(message: 'Write at least one part.')]
        #[Text(self::MOST_LINES * 120, 'A list of parts')]
        public string $text,
    ) {
    }
}
