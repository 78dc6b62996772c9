<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Outing;

/** @extends Repository<Outing> */
final class OutingRepository extends Repository
{
    /**
     * All at once with their stints and events, for whoever carries them away: listed one by one, each would be asked for by itself.
     *
     * @return list<Outing> deleted ones too
     */
    public function whole(): array
    {
        /** @var list<Outing> $outings */
        $outings = $this->entities->createQuery(
            'SELECT o, s, e FROM '.Outing::class.' o LEFT JOIN o.stints s LEFT JOIN s.events e ORDER BY o.startedAt DESC, o.id DESC',
        )->getResult();

        return $outings;
    }

    protected function entity(): string
    {
        return Outing::class;
    }

    protected function noun(): string
    {
        return 'outing';
    }

    protected function order(): array
    {
        return ['startedAt' => 'DESC', 'id' => 'DESC'];
    }
}
