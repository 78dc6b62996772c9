<?php

declare(strict_types=1);

namespace App\Persistence\Repository;

use App\Persistence\Entity\PassPhrase;
use Doctrine\ORM\EntityManagerInterface;

/** The pass phrase, where one was set. */
final readonly class PassPhraseRepository
{
    public function __construct(private EntityManagerInterface $entities)
    {
    }

    public function find(): ?PassPhrase
    {
        return $this->entities->find(PassPhrase::class, PassPhrase::ONLY);
    }

    public function add(PassPhrase $phrase): void
    {
        $this->entities->persist($phrase);
    }
}
