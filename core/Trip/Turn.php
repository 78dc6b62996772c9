<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Reading\LureKind;
use Kontrast\Reading\Sky;
use Kontrast\Rulebook\Change;

/** A moment at which a pick changes. */
final readonly class Turn
{
    /**
     * @param int    $minute after midnight, by the clock of the place
     * @param Sky    $sky    overhead from then on
     * @param string $why    what happens then: "the sun climbs above 12°"
     */
    public function __construct(public int $minute, public LureKind $lure, public Sky $sky, public string $why, public Change $change)
    {
    }

    /** The reason of the rule that decides the new pick, or what happens where no rule speaks for it. */
    public function because(): string
    {
        return $this->change->rule->because ?? ucfirst($this->why).'.';
    }
}
