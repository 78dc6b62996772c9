<?php

declare(strict_types=1);

namespace App\UseCase\Trip;

use App\Persistence\Entity\Trip;
use App\Persistence\Repository\TripRepository;
use App\UseCase\Kept;
use App\UseCase\PageOf;
use App\UseCase\Paging;

/** The trips, the latest day first. */
final readonly class FindTrips
{
    public function __construct(private TripRepository $trips)
    {
    }

    public function list(?int $limit = null, ?string $after = null): PageOf
    {
        return Paging::of($this->trips, static fn (Trip $trip): array => $trip->toArray(), $limit, $after);
    }

    public function one(string $id): Kept
    {
        return self::kept($this->trips->get($id));
    }

    public static function kept(Trip $trip): Kept
    {
        return new Kept($trip->id(), $trip->version(), $trip->toArray());
    }
}
