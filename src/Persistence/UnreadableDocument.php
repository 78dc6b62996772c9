<?php

declare(strict_types=1);

namespace App\Persistence;

/** Thrown where a stored document is not what this program can read. It stays stored as it is. */
final class UnreadableDocument extends \RuntimeException
{
    public static function notJson(string $why): self
    {
        return new self('It is no longer valid JSON: '.lcfirst($why).'.');
    }

    public static function shape(int $found, int $known): self
    {
        return new self(\sprintf('It has shape %d, and this version of the program knows shape %d.', $found, $known));
    }

    public static function because(string $message): self
    {
        return new self($message);
    }

    public static function fault(string $field, string $message): self
    {
        return new self(\sprintf('%s: %s', $field, $message));
    }
}
