<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Where a blade hangs. */
enum BladePosition: string
{
    use HasLabel;

    case Front = 'front';
    case Rear = 'rear';
    case Single = 'single';
}
