<?php

declare(strict_types=1);

namespace App\Exchange;

/** Thrown where a document cannot be taken as it is; nothing of it has been stored. */
final class InvalidDocument extends \RuntimeException
{
    /** @param non-empty-list<Fault> $faults */
    private function __construct(public readonly array $faults)
    {
        parent::__construct(implode("\n", array_map(static fn (Fault $fault): string => $fault->line(), $faults)));
    }

    /** @param non-empty-list<Fault> $faults */
    public static function because(array $faults): self
    {
        return new self($faults);
    }

    public static function fault(string $field, string $message): self
    {
        return new self([new Fault($field, $message)]);
    }
}
