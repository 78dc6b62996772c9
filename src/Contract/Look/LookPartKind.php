<?php

declare(strict_types=1);

namespace App\Contract\Look;

/** Whether a part has a colour of its own or mirrors its surroundings. */
enum LookPartKind: string
{
    case Matte = 'matte';
    case Metal = 'metal';
}
