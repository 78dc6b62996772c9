<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Advice\AdviceDocument;
use App\Contract\Error\InvalidDocument;
use App\Contract\Error\NotFound;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Outing\DrawnBuildDocument;
use App\Contract\Trip\CarryPlanDocument;
use App\Contract\Trip\PackAxesDocument;
use App\Contract\Trip\PackedLureDocument;
use App\Contract\Trip\SavedTripDocument;
use App\Contract\Trip\TripPackDocument;
use App\Contract\Trip\TripRequestDocument;
use App\Contract\Trip\TripTurnDocument;
use App\Format\DistinctValues;
use App\Persistence\Kind\TripKind;
use App\Persistence\Kind\WaterKind;
use App\Persistence\Rows;
use App\UseCase\Advice\CurrentRules;
use App\UseCase\Inventory\Stock;
use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Trip\CarriedLure;
use Kontrast\Trip\CarriedRanking;
use Kontrast\Trip\CarriedTrailer;
use Kontrast\Trip\CarryPlan;
use Kontrast\Trip\PackGrid;
use Kontrast\Trip\Turns;
use Symfony\Component\Clock\ClockInterface;

/** Computes beforehand what a saved trip may ask for out there, where there is no signal. */
final readonly class PackTrip
{
    /** Lures with their trailers changed that are drawn beforehand. (Chosen.) */
    private const MOST_DRAWN = 120;
    private const TOLD_EACH = 20;

    public function __construct(
        private Rows $rows,
        private TripKind $trips,
        private WaterKind $waters,
        private PlanTrip $plan,
        private Stock $stock,
        private CurrentRules $rules,
        private ReflectanceFitter $reflectances,
        private ClockInterface $clock,
    ) {
    }

    /**
     * @return TripRequestDocument what is asked of the trip
     *
     * @throws NotFound
     * @throws InvalidDocument where the day cannot be planned
     */
    public function request(string $id): TripRequestDocument
    {
        $request = $this->trip($id)->trip;
        $request->toPlan();

        return $request;
    }

    /**
     * @param callable(int, int): void $progress so many advices of how many
     *
     * @throws NotFound
     * @throws InvalidDocument where no lure can be made from the parts owned
     */
    public function pack(string $id, callable $progress): TripPackDocument
    {
        $trip = $this->trip($id);
        $request = $trip->trip;
        $plan = $request->toPlan();
        $grid = PackGrid::of($plan);
        $progress(0, $grid->count());
        [, $owned] = $this->stock->judged();
        $carry = $this->plan->carry($plan);
        [$orders, $ranked] = $this->ranked($grid, $carry);

        return new TripPackDocument(
            TripPackDocument::VERSION,
            $this->clock->now()->format(\DateTimeInterface::ATOM),
            $trip,
            $this->rows->find($this->waters, $trip->water_id)?->title(),
            $request->reading,
            new PackAxesDocument(
                $grid->lures,
                array_map(static fn (Length $one): float => $one->inInches(), $grid->visibilities),
                array_map(static fn (array $one): Sky => $one[0], $grid->skies),
                $grid->winds,
                $grid->bites,
                $grid->covers,
            ),
            ...$this->advices($grid, $progress),
            orders: $orders,
            ranked: $ranked,
            lures: self::drawn($carry, $owned),
            turns: array_map(TripTurnDocument::of(...), (new Turns($this->rules->engine()))->ofLight($plan)),
            carry: CarryPlanDocument::of($carry, $owned),
        );
    }

    /**
     * @param callable(int, int): void $progress
     *
     * @return array{fields: list<string>, lists: list<string>, cells: list<int>, advices: list<list<int>>, values: list<mixed>}
     */
    private function advices(PackGrid $grid, callable $progress): array
    {
        $values = new DistinctValues();
        $advices = new DistinctValues();
        $fields = $lists = $cells = [];
        $adviser = $this->rules->adviser();
        foreach ($grid->readings() as $reading) {
            $advice = get_object_vars(AdviceDocument::of($adviser->advise($reading)));
            $fields = array_keys($advice);
            // A field that is a list is one in every advice, if only an empty one; each of its entries is there once.
            $lists = array_keys(array_filter($advice, static fn (mixed $value): bool => \is_array($value) && array_is_list($value)));
            $cells[] = $advices->number(array_values(array_map(
                static fn (mixed $value): int => $values->number(
                    \is_array($value) && array_is_list($value) ? array_map($values->number(...), $value) : $value,
                ),
                $advice,
            )));
            if (0 === \count($cells) % self::TOLD_EACH) {
                $progress(\count($cells), $grid->count());
            }
        }

        /** @var list<list<int>> $distinct */
        $distinct = $advices->all();

        return ['fields' => $fields, 'lists' => $lists, 'cells' => $cells, 'advices' => $distinct, 'values' => $values->all()];
    }

    /** @throws NotFound */
    private function trip(string $id): SavedTripDocument
    {
        return $this->trips->documentOf($this->rows->get($this->trips, $id));
    }

    /** @return array{list<int>, list<list<list<int|null>>>} for each reading but for its lure the number of an order, and the orders */
    private function ranked(PackGrid $grid, CarryPlan $carry): array
    {
        $ranking = new CarriedRanking(
            array_map(static fn (CarriedLure $one): Composition => $one->build, $carry->lures),
            array_map(static fn (CarriedTrailer $one): InventoryTrailer => $one->trailer, $carry->trailers),
            $this->rules->adviser(),
            $this->rules->ranking(),
            $this->reflectances,
        );
        $orders = new DistinctValues();
        $numbers = [];
        foreach ($grid->readings() as $i => $reading) {
            if ($i === intdiv($grid->count(), \count($grid->lures))) {
                break;
            }
            $numbers[] = $orders->number($ranking->rank($reading));
        }
        /** @var list<list<list<int|null>>> $distinct */
        $distinct = $orders->all();

        return [$numbers, $distinct];
    }

    /**
     * @param array<string, InventoryPartDocument> $owned
     *
     * @return list<PackedLureDocument>
     */
    private static function drawn(CarryPlan $carry, array $owned): array
    {
        $lures = array_map(static fn (CarriedLure $one): Composition => $one->build, $carry->lures);
        $trailers = array_map(static fn (CarriedTrailer $one): InventoryTrailer => $one->trailer, $carry->trailers);
        $changed = [];
        foreach ($lures as $lure) {
            foreach ([...$trailers, null] as $trailer) {
                if ($trailer?->id !== $lure->trailer?->id) {
                    $changed[] = null === $trailer ? $lure->withoutTrailer() : $lure->with($trailer);
                }
            }
        }

        return array_map(static function (Composition $build) use ($owned): PackedLureDocument {
            $parts = CompositionDocument::of($build, $owned);

            return new PackedLureDocument($parts, DrawnBuildDocument::of($parts));
        }, \array_slice([...$lures, ...$changed], 0, self::MOST_DRAWN));
    }
}
