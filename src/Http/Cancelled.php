<?php

declare(strict_types=1);

namespace App\Http;

/** Thrown where nobody waits for the outcome of long work any more. */
final class Cancelled extends \RuntimeException
{
}
