<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

/** Something that is stored under an id, in one of its states. */
interface Stored
{
    public function id(): string;

    public function version(): int;

    /** What a person knows it by. */
    public function title(): string;
}
