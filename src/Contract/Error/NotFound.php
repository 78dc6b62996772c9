<?php

declare(strict_types=1);

namespace App\Contract\Error;

/** Thrown where nothing is saved under an id, or it was deleted. */
final class NotFound extends \RuntimeException
{
    /** @param string $what in the singular, lower case: "water" */
    public static function of(string $what): self
    {
        return new self("There is no $what with this id.");
    }

    public static function because(string $message): self
    {
        return new self($message);
    }
}
