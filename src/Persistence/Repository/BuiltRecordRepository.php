<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\BuiltRecord;
use Doctrine\ORM\QueryBuilder;

/** @extends Repository<BuiltRecord> */
final class BuiltRecordRepository extends Repository
{
    protected function entity(): string
    {
        return BuiltRecord::class;
    }

    protected function noun(): string
    {
        return 'batch';
    }

    protected function order(): array
    {
        return ['builtAt' => 'DESC', 'id' => 'DESC'];
    }

    protected function query(): QueryBuilder
    {
        return parent::query()->where('e.undoneAt IS NULL');
    }

    /** @return list<BuiltRecord> undone ones too, in order */
    public function allEver(): array
    {
        /** @var list<BuiltRecord> $all */
        $all = parent::query()->getQuery()->getResult();

        return $all;
    }
}
