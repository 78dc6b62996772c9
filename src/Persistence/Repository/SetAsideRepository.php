<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\SetAside;
use Doctrine\ORM\EntityManagerInterface;

/** Documents that could not be read and had to make way. */
final readonly class SetAsideRepository
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @return list<SetAside> */
    public function all(): array
    {
        return $this->entities->getRepository(SetAside::class)->findBy([], ['id' => 'ASC']);
    }

    public function add(SetAside $setAside): void
    {
        $this->entities->persist($setAside);
    }
}
