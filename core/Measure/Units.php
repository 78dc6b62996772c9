<?php

declare(strict_types=1);

namespace Kontrast\Measure;

/** How lengths, weights and temperatures are shown. */
enum Units: string
{
    case Us = 'us';
    case Metric = 'metric';
}
