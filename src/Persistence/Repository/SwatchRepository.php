<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\Swatch;
use Doctrine\ORM\EntityManagerInterface;

/** Named colors at hand, from palette files. */
final readonly class SwatchRepository
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** @return list<Swatch> in the order they came in */
    public function all(): array
    {
        return $this->entities->getRepository(Swatch::class)->findBy([], ['id' => 'ASC']);
    }

    public function add(Swatch $swatch): void
    {
        $this->entities->persist($swatch);
    }
}
