<?php

declare(strict_types=1);

namespace App\UseCase\Batch;

use App\Persistence\Entity\BuiltRecord;
use App\Persistence\Repository\BuiltRecordRepository;
use App\UseCase\Kept;
use App\UseCase\PageOf;
use App\UseCase\Paging;

/** The batches built, newest first; those undone are left out. */
final readonly class FindBuilt
{
    public function __construct(private BuiltRecordRepository $records)
    {
    }

    public function list(?int $limit = null, ?string $after = null): PageOf
    {
        return Paging::of($this->records, static fn (BuiltRecord $record): array => $record->toArray(), $limit, $after);
    }

    public function one(string $id): Kept
    {
        return self::kept($this->records->get($id));
    }

    public static function kept(BuiltRecord $record): Kept
    {
        return new Kept($record->id(), $record->version(), $record->toArray());
    }
}
