<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Carry\Answer;
use Kontrast\Carry\FirstAnswer;
use Kontrast\Carry\Solver;
use Kontrast\Inventory\Inventory;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Cover;
use Kontrast\Rulebook\Adviser;
use Kontrast\Rulebook\LureRanking;

/** Chooses the few lures and trailers that cover a day best, and says what each is for, what is missing, and what one more would gain. */
final readonly class CarryPlanner
{
    private const POINT = 1000.0;

    public function __construct(
        private Adviser $adviser,
        private LureRanking $ranking,
        private ReflectanceFitter $reflectances,
    ) {
    }

    /**
     * @param array<string, int>           $stock    how many of each part there are, by id
     * @param (\Closure(float): void)|null $progress share done, 0 to 1
     * @param (\Closure(): bool)|null      $goesOn   asked now and then whether to look any further; without it, up to a fixed effort
     *
     * @throws NotATrip
     */
    public function plan(
        TripPlan $plan,
        Inventory $inventory,
        array $stock,
        ?\Closure $progress = null,
        ?\Closure $goesOn = null,
    ): CarryPlan {
        $scenarios = Scenarios::divide($plan);
        $choice = new CarryChoice(
            $plan,
            $scenarios,
            $inventory,
            $stock,
            $this->adviser,
            $this->ranking,
            $this->reflectances,
            null === $progress ? null : static fn (float $done) => $progress(0.7 * $done),
        );
        $answer = (new Solver($choice->problem, goesOn: $goesOn))->solve($plan->carriedLures, $plan->carriedTrailers);
        $bound = self::bound($choice, $answer, $plan, $goesOn);
        $curve = self::curve($choice, $plan, $answer);
        $use = new CarryUse($choice, $answer);

        return new CarryPlan(
            $use->lures(),
            $use->trailers(),
            $answer->worth / self::POINT,
            $bound / self::POINT,
            (new Answer([], [], $answer->worth, $bound))->isExact(),
            Gaps::find($choice, $use),
            $curve,
            self::spares($choice, $answer, $plan),
            \count($scenarios),
        );
    }

    /**
     * What no choice of the parts owned is worth more than: the floor stands for every build that was not considered.
     *
     * @param (\Closure(): bool)|null $goesOn
     */
    private static function bound(CarryChoice $choice, Answer $answer, TripPlan $plan, ?\Closure $goesOn): float
    {
        $all = 0.0;
        foreach ($choice->scenarios as $s => $scenario) {
            $all += $scenario->weight * max($choice->best[$s], $choice->floor[$s]);
        }
        if (0 === max(0, ...$choice->floor)) {
            return min($all, $answer->bound);
        }
        $raised = new Solver($choice->problem->withFloor($choice->floor), goesOn: $goesOn);

        return max($answer->worth, min($all, $raised->solve($plan->carriedLures, $plan->carriedTrailers)->bound));
    }

    /** @return array<int, float> */
    private static function curve(CarryChoice $choice, TripPlan $plan, Answer $answer): array
    {
        $least = 0.0;
        $curve = [];
        foreach (FirstAnswer::curve($choice->problem, TripPlan::MOST_LURES, $plan->carriedTrailers) as $lures => $worth) {
            // One more never makes it worse, and nothing beats the answer with as many.
            $least = max($least, $lures === $plan->carriedLures ? $answer->worth : $worth);
            $curve[$lures] = round($least / self::POINT, 1);
        }

        return $curve;
    }

    /** @return list<string> what cover eats (Z8) */
    private static function spares(CarryChoice $choice, Answer $answer, TripPlan $plan): array
    {
        $inCover = [] !== array_filter($plan->covers, static fn (Cover $cover): bool => Cover::Open !== $cover);
        $bladed = array_filter($answer->bodies, static fn (int $b): bool => $choice->bodies[$b]->kind->hasPlate());

        return $inCover && [] !== $bladed
            ? ['Cover takes about half of the bladed jigs in a day: carry a spare head and a spare trailer for each.']
            : [];
    }
}
