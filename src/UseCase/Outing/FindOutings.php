<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Persistence\Entity\Outing;
use App\Persistence\LogbookCounts;
use App\Persistence\Repository\OutingRepository;
use App\Persistence\Repository\Page;
use App\UseCase\Kept;
use App\UseCase\PageOf;

/** The outings, the latest first. */
final readonly class FindOutings
{
    public function __construct(private OutingRepository $outings, private LogbookCounts $counts)
    {
    }

    /** At a glance, counted in one query however many they are. */
    public function list(?int $limit = null, ?string $after = null): PageOf
    {
        if (null === $limit) {
            return new PageOf($this->counts->summaries(null), null);
        }
        [$found, $next] = $this->outings->page(new Page($limit, $after));

        return new PageOf($this->counts->summaries(array_map(static fn (Outing $outing): string => $outing->id(), $found)), $next);
    }

    public function one(string $id): Kept
    {
        return self::kept($this->outings->get($id));
    }

    public static function kept(Outing $outing): Kept
    {
        return new Kept($outing->id(), $outing->version(), $outing->toArray());
    }
}
