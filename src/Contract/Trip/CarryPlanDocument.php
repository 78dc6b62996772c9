<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Inventory\InventoryPartDocument;
use Kontrast\Trip\CarriedLure;
use Kontrast\Trip\CarriedTrailer;
use Kontrast\Trip\CarryPlan;
use OpenApi\Attributes as OA;

/** The few lures and trailers that cover the day best. */
#[OA\Schema(
    schema: 'CarryPlan',
    additionalProperties: false,
)]
final readonly class CarryPlanDocument
{
    /**
     * @param list<CarriedLureDocument>    $lures
     * @param list<CarriedTrailerDocument> $trailers
     * @param list<float>                  $curve
     * @param list<string>                 $spares
     */
    public function __construct(
        #[OA\Property(description: 'Most of the day first.')]
        public array $lures,
        public array $trailers,
        #[OA\Property(description: 'Expected catch over the day, out of 100: what the advised lures would get. It supposes that you find '
            .'out on the day what they want.')]
        public float $worth,
        #[OA\Property(description: 'No choice of the lures and trailers that were considered is worth more.')]
        public float $bound,
        #[OA\Property(description: 'Whether it is the best possible.')]
        public bool $exact,
        #[OA\Property(description: 'The worth of one lure, two, and so on.')]
        public array $curve,
        public array $spares,
        #[OA\Property(description: 'Why fewer lures are carried than were asked for; null where they are not.')]
        public ?string $fewer,
    ) {
    }

    /** @param array<string, InventoryPartDocument> $owned */
    public static function of(CarryPlan $plan, array $owned): self
    {
        return new self(
            array_map(static fn (CarriedLure $lure): CarriedLureDocument => CarriedLureDocument::of($lure, $owned), $plan->lures),
            array_map(static fn (CarriedTrailer $one): CarriedTrailerDocument => CarriedTrailerDocument::of($one, $owned), $plan->trailers),
            round($plan->worth, 1),
            round($plan->bound, 1),
            $plan->isExact,
            array_values($plan->curve),
            $plan->spares,
            $plan->fewer,
        );
    }
}
