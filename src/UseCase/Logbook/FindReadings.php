<?php

declare(strict_types=1);

namespace App\UseCase\Logbook;

use App\Persistence\Entity\SavedReading;
use App\Persistence\Repository\SavedReadingRepository;
use App\UseCase\Kept;
use App\UseCase\PageOf;
use App\UseCase\Paging;

/** The saved readings, newest first. */
final readonly class FindReadings
{
    public function __construct(private SavedReadingRepository $readings)
    {
    }

    public function list(?int $limit = null, ?string $after = null): PageOf
    {
        return Paging::of($this->readings, static fn (SavedReading $reading): array => $reading->toArray(), $limit, $after);
    }

    public function one(string $id): Kept
    {
        return self::kept($this->readings->get($id));
    }

    public static function kept(SavedReading $reading): Kept
    {
        return new Kept($reading->id(), $reading->version(), $reading->toArray());
    }
}
