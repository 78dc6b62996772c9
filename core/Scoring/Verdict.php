<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/** Whether the model, asked after the trade, would have said the same. */
enum Verdict: string
{
    case Agrees = 'agrees';
    case NoDifference = 'no_difference';
    case Disagrees = 'disagrees';
}
