<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\ORM\Mapping as ORM;

/** Taken off the lists rather than out of the database, so that it can be restored. */
trait DeletedAt
{
    #[ORM\Column(nullable: true)]
    private ?\DateTimeImmutable $deletedAt = null;

    public function delete(\DateTimeImmutable $at): void
    {
        $this->deletedAt = InUtc::convert($at);
    }

    public function restore(): void
    {
        $this->deletedAt = null;
    }

    public function isDeleted(): bool
    {
        return null !== $this->deletedAt;
    }

    public function deletedAt(): ?\DateTimeImmutable
    {
        return null === $this->deletedAt ? null : InUtc::read($this->deletedAt);
    }
}
