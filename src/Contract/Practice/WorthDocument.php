<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use OpenApi\Attributes as OA;

/** What each part that is laid out is worth beside the others, of the 100 of a whole lure. */
#[OA\Schema(schema: 'Worth', additionalProperties: false)]
final readonly class WorthDocument
{
    /**
     * @param list<float>       $head
     * @param list<list<float>> $blade
     * @param list<float>       $skirt
     * @param list<list<float>> $trailer
     */
    public function __construct(
        public array $head,
        #[OA\Property(description: 'By the skirt first.')]
        public array $blade,
        public array $skirt,
        #[OA\Property(description: 'By the skirt first.')]
        public array $trailer,
        public MostDocument $most,
    ) {
    }
}
