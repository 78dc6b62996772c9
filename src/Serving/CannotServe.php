<?php

declare(strict_types=1);

namespace App\Serving;

/** Other devices cannot be served; says what to do. */
final class CannotServe extends \RuntimeException
{
}
