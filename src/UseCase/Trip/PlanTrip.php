<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\InvalidDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Trip\LightDocument;
use App\Contract\Trip\TripPlanDocument;
use App\Contract\Trip\TripRequestDocument;
use App\Persistence\KeptCarry;
use App\UseCase\Advice\CurrentRules;
use App\UseCase\Inventory\Stock;
use App\UseCase\Look\InWater;
use App\UseCase\Outing\AnalyzeLogbook;
use Kontrast\Inventory\Inventory;
use Kontrast\Lure\LureKind;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Measure\TimeOfDay;
use Kontrast\Reading\Sky;
use Kontrast\Reading\SkyAt;
use Kontrast\Trip\CarriedLure;
use Kontrast\Trip\CarryPlan;
use Kontrast\Trip\CarryPlanner;
use Kontrast\Trip\Doubts;
use Kontrast\Trip\NotATrip;
use Kontrast\Trip\Scenarios;
use Kontrast\Trip\TripCautions;
use Kontrast\Trip\TripPlan;
use Kontrast\Trip\Turns;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/** Plans a day: its light, the moments at which picks change, and the few lures to carry. */
final readonly class PlanTrip
{
    /** As long as a person waits without wondering. (Chosen.) */
    private const SECONDS = 1.0;

    public function __construct(
        private Stock $stock,
        private CurrentRules $rules,
        private AnalyzeLogbook $log,
        private ReflectanceFitter $reflectances,
        private KeptCarry $kept,
    ) {
    }

    /**
     * @param float                          $seconds  how long to look for a better choice, and a lower bound, at most
     * @param (callable(int, int): void)|null $progress so many of a hundred
     *
     * @throws InvalidDocument
     */
    public function plan(TripRequestDocument $request, float $seconds = self::SECONDS, ?callable $progress = null): TripPlanDocument
    {
        $plan = $request->toPlan();
        $turns = new Turns($this->rules->engine());
        [$inventory, $owned] = $this->stock->judged();
        $carry = $this->choose($plan, $inventory, $owned, $seconds, $progress);
        $kinds = array_map(static fn (CarriedLure $lure): LureKind => $lure->build->kind, $carry->lures);

        return TripPlanDocument::of(
            $plan,
            self::light($plan),
            $turns->ofLight($plan),
            $turns->ofClarity($plan),
            $carry,
            $owned,
            (new TripCautions($this->rules->engine()))->collect(Scenarios::divide($plan), $kinds),
        );
    }

    /**
     * What to carry, without the rest of the plan.
     *
     * @throws InvalidDocument where no lure can be made
     */
    public function carry(TripPlan $plan): CarryPlan
    {
        return $this->choose($plan, ...$this->stock->judged());
    }

    /**
     * The best that was found so far for this day with these parts, rules and notes.
     *
     * @param array<string, InventoryPartDocument> $owned    by id
     * @param (callable(int, int): void)|null       $progress so many of a hundred
     *
     * @throws InvalidDocument where no lure can be made
     */
    private function choose(
        TripPlan $plan,
        Inventory $inventory,
        array $owned,
        float $seconds = self::SECONDS,
        ?callable $progress = null,
    ): CarryPlan {
        $doubts = $this->doubts();
        $counts = array_map(static fn (InventoryPartDocument $part): int => $part->count, $owned);
        $asked = hash('xxh128', serialize([$plan, $inventory, $counts, $doubts, $this->rules->fingerprint()]));
        $kept = $this->kept->find($asked);
        if (null !== $kept && $seconds <= self::SECONDS) {
            return $kept;
        }
        $found = $this->search($plan, $inventory, $counts, $doubts, $seconds, $progress);
        if (null !== $kept && $kept->worth > $found->worth) {
            return $kept;
        }
        $this->kept->keep($asked, $found);

        return $found;
    }

    /**
     * @param array<string, int>              $counts   by id
     * @param (callable(int, int): void)|null $progress
     *
     * @throws InvalidDocument where no lure can be made
     */
    private function search(
        TripPlan $plan,
        Inventory $inventory,
        array $counts,
        Doubts $doubts,
        float $seconds,
        ?callable $progress,
    ): CarryPlan {
        $until = null;
        $tell = static fn (float $share) => null === $progress ? null : $progress((int) round(100 * $share), 100);
        $goesOn = static function () use (&$until, $seconds, $progress): bool {
            $now = hrtime(true) / 1e9;
            $until ??= $now + $seconds;
            null === $progress ? null : $progress((int) round(70 + 29 * (1 - max(0.0, $until - $now) / $seconds)), 100);

            return $now < $until;
        };
        try {
            return (new CarryPlanner($this->rules->adviser(), $this->rules->ranking(), $doubts, $this->reflectances))
                ->plan($plan, $inventory, $counts, $tell, $goesOn);
        } catch (NotATrip $error) {
            throw InvalidDocument::fault($error->field, $error->getMessage());
        }
    }

    /** As the log has it; where nothing was noted, as one would think. */
    private function doubts(): Doubts
    {
        $log = $this->log->analysis();

        return $log->all->hours > 0 ? Doubts::ofLog($log->effects) : Doubts::prior();
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
                    TimeOfDay::atMinute($minute)->written(),
                    Sky::from($overhead),
                    round($chance, 3),
                    SkyAt::of(Sky::from($overhead), $plan->sunAt($minute))->sky,
                    round($scene->light->lux(), 2),
                );
            }
        }

        return $light;
    }
}
