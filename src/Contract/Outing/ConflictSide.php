<?php

declare(strict_types=1);

namespace App\Contract\Outing;

/** Which of two versions stays. */
enum ConflictSide: string
{
    case Stored = 'stored';
    case Sent = 'sent';
}
