<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

/** Something kept under an id, in one of its states. */
interface Stored
{
    public function id(): string;

    public function version(): int;
}
