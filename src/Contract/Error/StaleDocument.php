<?php

declare(strict_types=1);

namespace App\Contract\Error;

/** Thrown where something was changed in another place since it was read. Nothing of the change has been stored. */
final class StaleDocument extends \RuntimeException
{
    /** @param array<string, mixed>|null $current the document as it is now; null where there is none any more */
    private function __construct(string $message, public readonly ?array $current, public readonly ?int $version)
    {
        parent::__construct($message);
    }

    /** @param array<string, mixed> $current */
    public static function changed(string $what, array $current, int $version): self
    {
        return new self("$what was changed somewhere else since you opened it. Nothing was stored.", $current, $version);
    }

    public static function exists(string $what): self
    {
        return new self("$what already exists. Nothing was stored.", null, null);
    }
}
