<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Session;
use Doctrine\ORM\EntityManagerInterface;

/** Devices that are signed in. */
final readonly class SessionRepository
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function find(string $id): ?Session
    {
        return $this->entities->find(Session::class, $id);
    }

    public function withHash(string $tokenHash): ?Session
    {
        return $this->entities->getRepository(Session::class)->findOneBy(['tokenHash' => $tokenHash]);
    }

    /** @return list<Session> the one used last first */
    public function all(): array
    {
        return $this->entities->getRepository(Session::class)->findBy([], ['lastUsedAt' => 'DESC', 'id' => 'DESC']);
    }

    public function add(Session $session): void
    {
        $this->entities->persist($session);
    }

    public function remove(Session $session): void
    {
        $this->entities->remove($session);
    }
}
