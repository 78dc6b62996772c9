<?php

declare(strict_types=1);

namespace Kontrast\Reading;

/** Between which numbers a reading makes sense; the units are in the names. */
final class ReadingBounds
{
    /** Far beyond what pure water lets be seen; the optics set their own, nearer limit under each sky. */
    public const MOST_VISIBILITY_IN = 100_000;
    public const MOST_SUN_ELEVATION_DEG = 90;
    public const LEAST_SURFACE_F = 32;
    public const MOST_SURFACE_F = 100;
    /** Change over three days, up or down. */
    public const MOST_TREND_F = 40;
    public const MOST_DEPTH_FT = 100;
    public const MOST_FORAGE_IN = 24;
}
