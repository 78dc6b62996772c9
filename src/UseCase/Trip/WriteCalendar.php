<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Contract\Error\InvalidDocument;
use App\Contract\Reader\UnitsInUse;
use App\Format\TripCalendar;
use App\Persistence\Kind\TripKind;
use App\Persistence\Rows;
use App\UseCase\Advice\CurrentRules;
use Kontrast\Lure\LureKind;
use Kontrast\Trip\CarriedLure;
use Kontrast\Trip\Turn;
use Kontrast\Trip\Turns;
use Symfony\Component\Clock\ClockInterface;

/** Writes a saved trip as a calendar: the day, and the turns of the lures carried. */
final readonly class WriteCalendar
{
    public function __construct(
        private Rows $rows,
        private TripKind $trips,
        private PlanTrip $plan,
        private CurrentRules $rules,
        private UnitsInUse $chosen,
        private ClockInterface $clock,
    ) {
    }

    /** @throws InvalidDocument where no lure can be made from the parts owned */
    public function write(string $id): string
    {
        $trip = $this->trips->documentOf($this->rows->get($this->trips, $id));
        $plan = $trip->trip->toPlan();
        $carried = $this->plan->carry($plan)->lures;
        $kinds = array_map(static fn (CarriedLure $lure): LureKind => $lure->build->kind, $carried);

        return TripCalendar::write(
            $id,
            $trip->name,
            $plan,
            array_values(array_filter(
                (new Turns($this->rules->engine()))->ofLight($plan),
                static fn (Turn $turn): bool => \in_array($turn->lure, $kinds, true),
            )),
            array_map(
                static fn (CarriedLure $lure): string => \sprintf(
                    '%s (%s)',
                    implode(', ', array_map(static fn ($part): string => $part->name, $lure->build->parts())),
                    $lure->bestFor,
                ),
                $carried,
            ),
            $this->clock->now(),
            $this->chosen->units(),
        );
    }
}
