<?php

declare(strict_types=1);

namespace Kontrast\Practice;

/** What may be said of two things that are looked at. */
enum Verdict: string
{
    case A = 'a';
    case B = 'b';
    case One = 'one';
    case Two = 'two';
}
