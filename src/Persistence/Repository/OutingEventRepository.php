<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\OutingEvent;
use Doctrine\ORM\EntityManagerInterface;

/** What happened in outings: found by id wherever it was noted. */
final readonly class OutingEventRepository
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function remove(OutingEvent $event): void
    {
        $event->stint()->remove($event);
        $this->entities->remove($event);
    }

    public function find(string $id): ?OutingEvent
    {
        return $this->entities->find(OutingEvent::class, $id);
    }
}
