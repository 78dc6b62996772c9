<?php

declare(strict_types=1);

namespace App\Contract\Outing;

use Kontrast\Logbook\AdviceWorth;
use OpenApi\Attributes as OA;

/** What the advice was worth to this angler: lures tied as advised beside others on the same days. */
#[OA\Schema(schema: 'AdviceWorth', additionalProperties: false)]
final readonly class AdviceWorthDocument
{
    public function __construct(
        public float $hours_followed,
        public float $hours_not,
        #[OA\Property(description: 'How many times the bites of other lures those tied as advised got; null where no day tells.')]
        public ?float $ratio,
        #[OA\Property(description: 'It lies between low and high four times in five.')]
        public ?float $low,
        public ?float $high,
        public string $words,
    ) {
    }

    public static function of(AdviceWorth $worth): self
    {
        [$low, $high] = $worth->ratio?->interval() ?? [null, null];

        return new self(
            round($worth->hoursFollowed, 2),
            round($worth->hoursNot, 2),
            null === $worth->ratio ? null : round($worth->ratio->ratio, 3),
            null === $low ? null : round($low, 3),
            null === $high ? null : round($high, 3),
            $worth->words(),
        );
    }
}
