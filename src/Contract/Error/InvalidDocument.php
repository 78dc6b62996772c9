<?php

declare(strict_types=1);

namespace App\Contract\Error;

/** Thrown where a document cannot be taken as it is; nothing of it has been stored. */
final class InvalidDocument extends \RuntimeException
{
    /** A person reads no more than this at once; the rest are counted. (Chosen.) */
    public const MOST_TOLD = 50;

    /**
     * @param non-empty-list<Fault> $faults the first MOST_TOLD of them
     * @param int                   $count  how many there are in all
     */
    private function __construct(public readonly array $faults, public readonly int $count)
    {
        parent::__construct(implode("\n", array_map(static fn (Fault $fault): string => $fault->line(), $faults)));
    }

    /**
     * @param non-empty-list<Fault> $faults
     * @param int|null              $count  how many there are in all, where only the first are given
     */
    public static function because(array $faults, ?int $count = null): self
    {
        return new self(\array_slice($faults, 0, self::MOST_TOLD), $count ?? \count($faults));
    }

    public static function fault(string $field, string $message, string $code = Fault::NOT_ALLOWED): self
    {
        return new self([new Fault($field, $message, $code)], 1);
    }

    /** @param string $path where the document stands in the one it came in */
    public function within(string $path): self
    {
        return new self(array_map(
            static fn (Fault $fault): Fault => new Fault(rtrim("$path.{$fault->field}", '.'), $fault->message, $fault->code),
            $this->faults,
        ), $this->count);
    }

    /** @return list<Fault> as they are told of a line of a table */
    public function onLine(int $line): array
    {
        return array_map(
            static fn (Fault $fault): Fault => new Fault(trim("line $line {$fault->field}"), $fault->message, $fault->code),
            $this->faults,
        );
    }

    /** @return list<string> a line a fault, and one that counts those left out */
    public function lines(): array
    {
        $lines = array_map(static fn (Fault $fault): string => $fault->line(), $this->faults);

        return $this->count > \count($this->faults) ? [
            ...$lines,
            \sprintf('… and %d more.', $this->count - \count($this->faults)),
        ] : $lines;
    }
}
