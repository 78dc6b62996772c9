<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Constraint\Between;
use App\Contract\Constraint\Text;
use Kontrast\Reading\Sky;
use OpenApi\Attributes as OA;

/** A sky that may come for some hours. The chances of any one time add up to 1. */
#[OA\Schema(schema: 'SkyChance', additionalProperties: false)]
final readonly class SkyChanceDocument
{
    public function __construct(
        #[OA\Property(description: 'By the clock of the place: 5:30.')]
        #[Text(20, 'A time')]
        public string $from,
        #[Text(20, 'A time')]
        public string $to,
        public Sky $sky,
        #[OA\Property(description: '0 to 1.')]
        #[Between(0, 1, 'A chance')]
        public float $chance,
    ) {
    }
}
