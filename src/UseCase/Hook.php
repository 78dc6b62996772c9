<?php

declare(strict_types=1);

namespace App\UseCase;

use App\Persistence\Entity\Stored;
use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** What follows from writing one of a kind, in the same transaction, beside what is stored of it itself. */
#[AutoconfigureTag]
interface Hook
{
    /** The name of the kind. */
    public function kind(): string;

    /**
     * Called with what is there, before anything of it is changed.
     *
     * @return mixed what `after` needs to know of it
     */
    public function before(Stored $one): mixed;

    /** @param mixed $before null where it was not there before */
    public function after(mixed $before, Stored $one): void;
}
