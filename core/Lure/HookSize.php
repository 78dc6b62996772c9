<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** A hook's size in aughts: 1/0 is the smallest used here, 5/0 the largest. */
final readonly class HookSize
{
    private function __construct(public int $aught)
    {
    }

    public static function aught(int $aught): self
    {
        return $aught >= 1 && $aught <= 5 ? new self($aught) : throw new \DomainException("Hooks run from 1/0 to 5/0 here; $aught/0 is none.");
    }

    public function words(): string
    {
        return $this->aught.'/0';
    }
}
