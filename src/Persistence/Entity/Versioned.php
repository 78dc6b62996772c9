<?php

declare(strict_types=1);

namespace App\Persistence\Entity;

use Doctrine\DBAL\Types\Types;
use Doctrine\ORM\Mapping as ORM;

/** Counts its changes, so that a change made to an older state is noticed. */
trait Versioned
{
    #[ORM\Version]
    #[ORM\Column(type: Types::INTEGER)]
    private int $version = 1;

    public function version(): int
    {
        return $this->version;
    }
}
