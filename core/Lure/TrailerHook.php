<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Whether a second hook is slipped over the main one, and which; it points up as the main hook does. */
final readonly class TrailerHook
{
    public function __construct(public bool $fit, public HookSize $size)
    {
    }
}
