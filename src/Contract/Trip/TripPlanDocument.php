<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Advice\CautionDocument;
use Kontrast\Rulebook\Caution;
use Kontrast\Trip\CarryPlan;
use Kontrast\Trip\ClarityTurn;
use Kontrast\Trip\Gap;
use Kontrast\Trip\TripPlan;
use Kontrast\Trip\Turn;
use OpenApi\Attributes as OA;

/** A planned day: its sun, the moments at which picks change, what to carry, and what is missing. */
#[OA\Schema(
    schema: 'TripPlan',
    additionalProperties: false,
)]
final readonly class TripPlanDocument
{
    /**
     * @param list<LightDocument>       $light
     * @param list<TripTurnDocument>    $turns
     * @param list<ClarityTurnDocument> $clarity_turns
     * @param list<GapDocument>         $gaps
     * @param list<CautionDocument>     $cautions
     */
    public function __construct(
        public SunDocument $sun,
        #[OA\Property(description: 'By quarter hour of the trip.')]
        public array $light,
        #[OA\Property(description: 'In the order of the day.')]
        public array $turns,
        #[OA\Property(description: 'As the water clears.')]
        public array $clarity_turns,
        #[OA\Property(description: 'How many ways the day may turn out were counted.')]
        public int $scenarios,
        public CarryPlanDocument $carry,
        #[OA\Property(description: 'The largest first.')]
        public array $gaps,
        #[OA\Property(description: 'Of any sky that may come.')]
        public array $cautions,
    ) {
    }

    /**
     * @param list<LightDocument>                                                    $light
     * @param list<Turn>                                                             $turns
     * @param list<ClarityTurn>                                                      $clarityTurns
     * @param array<string, \App\Contract\Inventory\InventoryPartDocument>           $owned
     * @param list<Caution> $cautions
     */
    public static function of(
        TripPlan $plan,
        array $light,
        array $turns,
        array $clarityTurns,
        CarryPlan $carry,
        array $owned,
        array $cautions,
    ): self {
        return new self(
            SunDocument::of($plan),
            $light,
            array_map(TripTurnDocument::of(...), $turns),
            array_map(ClarityTurnDocument::of(...), $clarityTurns),
            $carry->scenarios,
            CarryPlanDocument::of($carry, $owned),
            array_map(static fn (Gap $gap): GapDocument => GapDocument::of($gap), $carry->gaps),
            array_map(CautionDocument::of(...), $cautions),
        );
    }
}
