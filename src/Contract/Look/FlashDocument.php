<?php

declare(strict_types=1);

namespace App\Contract\Look;

use Kontrast\Vision\Flash;
use OpenApi\Attributes as OA;

/** What a blade that turns sends to a bass: contrasts against the water. */
#[OA\Schema(schema: 'Flash', additionalProperties: false)]
final readonly class FlashDocument
{
    public function __construct(
        public float $peak,
        #[OA\Property(description: 'Over a whole turn.')]
        public float $mean,
        #[OA\Property(description: 'Of the time above half the peak; 1 where it does not flash.')]
        public float $share,
    ) {
    }

    public static function of(Flash $flash): self
    {
        return new self(...SignificantDigits::all([$flash->peak, $flash->mean, $flash->share]));
    }
}
