<?php

declare(strict_types=1);

namespace App\Api\Document;

/** Whether a part has a colour of its own or mirrors its surroundings. */
enum PartKind: string
{
    case Matte = 'matte';
    case Metal = 'metal';
}
