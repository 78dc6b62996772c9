<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** What a note is about. */
enum NoteHeading: string
{
    case Look = 'look';
    case Where = 'where';
    case NotTaking = 'not_taking';
    case Gear = 'gear';
    case Carry = 'carry';
    case Care = 'care';
}
