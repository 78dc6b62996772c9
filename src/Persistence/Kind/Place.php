<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

/** Where in a backup the documents of a kind stand. */
enum Place
{
    /** Among what the logbook carries too. */
    case Logbook;
    /** Beside it. */
    case Backup;
}
