<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Whether light comes through a skirt or a trailer. */
enum Opacity: string
{
    case Translucent = 'translucent';
    case Opaque = 'opaque';
}
