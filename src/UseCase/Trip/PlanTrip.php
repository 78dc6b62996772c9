<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\InvalidDocument;
use App\Contract\Trip\LightDocument;
use App\Contract\Trip\TripPlanDocument;
use App\Contract\Trip\TripRequestDocument;
use App\Persistence\Entity\InventoryPart;
use App\UseCase\Inventory\Stock;
use App\UseCase\Look\InWater;
use Kontrast\Reading\Sky;
use Kontrast\Trip\CarryPlanner;
use Kontrast\Trip\DayLight;
use Kontrast\Trip\NotATrip;
use Kontrast\Trip\TripPlan;
use Kontrast\Trip\Turns;
use Kontrast\Rulebook\Engine;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/** Plans a day: its light, the moments at which picks change, and the few lures to carry. */
final readonly class PlanTrip
{
    public function __construct(private Stock $stock, private CarryPlanner $planner, private Engine $engine)
    {
    }

    /** @throws InvalidDocument */
    public function of(TripRequestDocument $request): TripPlanDocument
    {
        $plan = $request->toPlan();
        [$inventory, $owned] = $this->stock->judged();
        $counts = array_map(static fn (InventoryPart $part): int => $part->count(), $this->stock->byId());
        $turns = new Turns($this->engine);
        try {
            $carry = $this->planner->plan($plan, $inventory, $counts);
        } catch (NotATrip $error) {
            throw InvalidDocument::fault($error->field, $error->getMessage());
        }

        return TripPlanDocument::of($plan, self::light($plan), $turns->ofLight($plan), $turns->ofClarity($plan), $carry, $owned);
    }

    /**
     * @return list<LightDocument>
     *
     * @throws InvalidDocument where no water is that clear
     */
    private static function light(TripPlan $plan): array
    {
        $light = [];
        foreach ($plan->quarters() as $minute) {
            foreach ($plan->skiesAt($minute) as $overhead => $chance) {
                $reading = $plan->at($minute, Sky::from($overhead));
                $scene = InWater::run(static fn (): Scene => Scene::of($reading, Direction::Side), 'visibility_in');
                $light[] = new LightDocument(
                    TripPlan::clock($minute),
                    Sky::from($overhead),
                    round($chance, 3),
                    DayLight::of(Sky::from($overhead), $plan->sunAt($minute))->sky,
                    round($scene->light->lux(), 2),
                );
            }
        }

        return $light;
    }
}
