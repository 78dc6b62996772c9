<?php

declare(strict_types=1);

namespace App\Contract\Reader;

use Kontrast\Measure\Units;

/** Which units the angler reads in. */
interface UnitsInUse
{
    public function units(): Units;
}
