<?php

declare(strict_types=1);

namespace Kontrast\Rulebook\Part;

use Kontrast\Lure\HookSize;
use Kontrast\Rulebook\Slot;

/** What a rule says of the trailer hook. */
final readonly class Hook extends Part
{
    public static function fitted(bool $fitted = true): self
    {
        return (new self())->says(Slot::HookFitted, $fitted);
    }

    public static function aught(int $aught): self
    {
        return (new self())->says(Slot::HookSize, HookSize::aught($aught));
    }
}
