<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/** Whether the model, asked after the trade, would have said the same. */
enum Verdict: string
{
    case Agrees = 'agrees';
    case NoDifference = 'no_difference';
    case Disagrees = 'disagrees';
    /** The answer turns as the chosen constants move within their published spans. */
    case AboutEven = 'about_even';
}
