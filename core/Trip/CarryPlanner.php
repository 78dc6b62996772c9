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
    private const MOST_POINTS = 100.0;

    public function __construct(
        private Adviser $adviser,
        private LureRanking $ranking,
        private Doubts $doubts,
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
        $choice = new CarryChoice(
            $plan,
            Scenarios::ofLures(Scenarios::divide($plan), $this->ranking, $plan->lures),
            $inventory,
            $stock,
            $this->adviser,
            $this->ranking,
            $this->doubts,
            $this->reflectances,
            null === $progress ? null : static fn (float $done) => $progress(0.7 * $done),
        );
        $answer = (new Solver($choice->problem, goesOn: $goesOn))->solve($plan->carriedLures, $plan->carriedTrailers);
        $use = new CarryUse($choice, $answer);

        return new CarryPlan(
            $use->lures(),
            $use->trailers(),
            self::points($answer->worth),
            self::points($answer->bound),
            $answer->isExact(),
            Gaps::find($choice, $use),
            self::curve($choice, $plan, $answer),
            self::spares($choice, $answer, $plan),
            \count($choice->scenarios),
            self::fewer(\count($answer->bodies), $plan->carriedLures),
        );
    }

    private static function points(float $worth): float
    {
        return min(self::MOST_POINTS, $worth / self::POINT);
    }

    /** @return array<int, float> */
    private static function curve(CarryChoice $choice, TripPlan $plan, Answer $answer): array
    {
        $least = 0.0;
        $curve = [];
        foreach (FirstAnswer::curve($choice->problem, TripPlan::MOST_LURES, $plan->carriedTrailers, $answer) as $lures => $worth) {
            // One more never makes it worse.
            $least = max($least, $worth);
            $curve[$lures] = round(self::points($least), 1);
        }

        return $curve;
    }

    /** Why fewer are carried than were asked for; null where they are not. */
    private static function fewer(int $carried, int $asked): ?string
    {
        return match (true) {
            $carried >= $asked => null,
            1 === $carried => "This one does all that $asked would: carry spares of it.",
            default => "These $carried do all that $asked would: carry spares.",
        };
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
