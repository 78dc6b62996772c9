<?php

declare(strict_types=1);

namespace App\Contract\Error;

/** Thrown where something was changed in another place since it was read. Nothing of the change has been stored. */
final class StaleDocument extends \RuntimeException
{
    /** @param object|null $current the document as it is now; null where there is none any more */
    private function __construct(string $message, public readonly ?object $current, public readonly ?int $version)
    {
        parent::__construct($message);
    }

    public static function changed(string $what, object $current, int $version): self
    {
        return new self("$what was changed somewhere else since you opened it. Nothing was stored.", $current, $version);
    }
}
