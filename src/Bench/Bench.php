<?php

declare(strict_types=1);

namespace App\Bench;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A few measurements that belong together. */
#[AutoconfigureTag]
interface Bench
{
    public function title(): string;

    /** @return list<Figure> */
    public function figures(): array;
}
