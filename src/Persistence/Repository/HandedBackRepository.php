<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\HandedBack;
use Doctrine\ORM\EntityManagerInterface;

/** What phones have handed back, by outing. */
final readonly class HandedBackRepository
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function findOf(string $outing): ?HandedBack
    {
        return $this->entities->find(HandedBack::class, $outing);
    }

    public function add(HandedBack $one): void
    {
        $this->entities->persist($one);
    }
}
