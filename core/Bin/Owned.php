<?php

declare(strict_types=1);

namespace Kontrast\Bin;

/** A part out of the bin that a lure is composed of. */
interface Owned
{
    public function id(): string;

    public function name(): string;
}
