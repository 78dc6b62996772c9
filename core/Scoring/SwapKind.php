<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/** What a single change does. */
enum SwapKind: string
{
    case Another = 'another';
    case Off = 'off';
    case Marker = 'marker';
    case Trim = 'trim';
}
