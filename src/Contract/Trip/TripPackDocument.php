<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Reading\ReadingDocument;
use OpenApi\Attributes as OA;

/**
 * A trip to take along where nothing can be computed: what is advised on every reading its day may bring, and what is carried. Thousands of
 * advices have much in common, so each distinct piece is there once, and the rest are numbers of pieces: `cells` names for each
 * combination of the axes an entry of `advices`; that names for each of `fields` one of `values`; and a field among `lists` names a list
 * of numbers, of `values` again.
 */
#[OA\Schema(
    schema: 'TripPack',
    additionalProperties: false,
)]
final readonly class TripPackDocument
{
    /** Of this shape; a pack of another one has to be made anew. */
    public const VERSION = 1;

    /**
     * @param list<string>             $fields
     * @param list<string>             $lists
     * @param list<int>                $cells
     * @param list<list<int>>          $advices
     * @param list<mixed>              $values
     * @param list<int>                $orders
     * @param list<list<list<int|null>>> $ranked
     * @param list<PackedLureDocument> $lures
     * @param list<TripTurnDocument>   $turns
     */
    public function __construct(
        #[OA\Property(description: 'The version of this shape.')]
        public int $kontrast_pack,
        #[OA\Property(format: 'date-time')]
        public string $made_at,
        public SavedTripDocument $trip,
        #[OA\Property(description: 'The name of its water.')]
        public ?string $water,
        #[OA\Property(description: 'What all the readings have in common; those of the axes are replaced.')]
        public ReadingDocument $reading,
        public PackAxesDocument $axes,
        public array $fields,
        public array $lists,
        public array $cells,
        public array $advices,
        #[OA\Property(type: 'array', items: new OA\Items(description: 'A piece of an advice.'))]
        public array $values,
        #[OA\Property(description: 'For each combination of the axes but the lure, an entry of `ranked`.')]
        public array $orders,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(type: 'array', items: new OA\Items(
                type: 'array',
                items: new OA\Items(type: 'integer', nullable: true),
                minItems: 3,
                maxItems: 3,
            )),
            description: 'The carried lures that do best, each as its number, that of the trailer it takes instead, and its score of 100.',
        )]
        public array $ranked,
        #[OA\Property(description: 'Those carried, in the order of the plan, then what they become with another trailer.')]
        public array $lures,
        public array $turns,
        public CarryPlanDocument $carry,
    ) {
    }
}
