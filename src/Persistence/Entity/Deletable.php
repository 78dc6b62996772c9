<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

/** What is deleted by taking it off the lists, so that it can be restored. */
interface Deletable extends Stored
{
    public function delete(\DateTimeImmutable $at): void;

    public function restore(): void;

    public function isDeleted(): bool;

    public function deletedAt(): ?\DateTimeImmutable;
}
