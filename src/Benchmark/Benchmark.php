<?php

declare(strict_types=1);

namespace App\Benchmark;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/** A few measurements that belong together. */
#[AutoconfigureTag]
interface Benchmark
{
    public function title(): string;

    /** @return list<Measurement> */
    public function figures(): array;
}
