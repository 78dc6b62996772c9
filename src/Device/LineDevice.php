<?php

declare(strict_types=1);

namespace App\Device;

/** A simulated device that is asked line by line. */
interface LineDevice
{
    /** @return string|null the answer to a line; null to hang up */
    public function answer(string $line): ?string;
}
