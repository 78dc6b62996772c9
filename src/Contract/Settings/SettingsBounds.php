<?php

declare(strict_types=1);

namespace App\Contract\Settings;

/** What a reel can be at most. (Chosen, beyond anything sold.) */
final class SettingsBounds
{
    public const MOST_GEAR_RATIO = 20;
    public const MOST_SPOOL_IN = 6;
}
