<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

/** What happens to a line of an import. */
enum PartAction: string
{
    case Add = 'add';
    case Change = 'change';
    case Same = 'same';
    case Refuse = 'refuse';
}
