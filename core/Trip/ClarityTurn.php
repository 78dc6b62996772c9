<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Lure\LureKind;
use Kontrast\Measure\Length;
use Kontrast\Reading\Sky;
use Kontrast\Rulebook\Change;

/** A visibility at which a pick changes as the water clears. */
final readonly class ClarityTurn
{
    public function __construct(public Length $at, public LureKind $lure, public Sky $sky, public Change $change)
    {
    }
}
