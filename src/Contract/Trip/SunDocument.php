<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use Kontrast\Trip\TripPlan;
use OpenApi\Attributes as OA;

/** The sun of a day, by the clock of the place. */
#[OA\Schema(schema: 'Sun', additionalProperties: false)]
final readonly class SunDocument
{
    private const QUARTERS = 96;

    /** @param list<float> $elevation */
    public function __construct(
        #[OA\Property(description: 'Null where it does not rise.')]
        public ?string $rise,
        public string $noon,
        #[OA\Property(description: 'Null where it does not set.')]
        public ?string $set,
        #[OA\Property(description: 'Degrees above the horizon at every quarter hour of the day, from midnight.')]
        public array $elevation,
    ) {
    }

    public static function of(TripPlan $plan): self
    {
        $heights = [];
        for ($i = 0; $i < self::QUARTERS; ++$i) {
            $heights[] = round($plan->sunAt($i * TripPlan::QUARTER), 2);
        }

        return new self(
            $plan->sun->rise()?->format('G:i'),
            $plan->sun->noon()->format('G:i'),
            $plan->sun->set()?->format('G:i'),
            $heights,
        );
    }
}
