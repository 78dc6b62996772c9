<?php

declare(strict_types=1);

namespace App\Persistence;

/** So many of a list, from behind one of its entries on. */
final readonly class Page
{
    public function __construct(public int $limit, public ?string $after = null)
    {
    }
}
