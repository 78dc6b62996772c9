<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

/** How a trial stands. */
enum TrialOutcome: string
{
    case GoesOn = 'goes_on';
    case A = 'a';
    case B = 'b';
    case NotTold = 'not_told';
}
