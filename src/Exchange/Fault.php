<?php

declare(strict_types=1);

namespace App\Exchange;

/** One thing wrong with what came in: the field, and a sentence that says what is allowed. */
final readonly class Fault
{
    public function __construct(public string $field, public string $message)
    {
    }

    public function line(): string
    {
        return '' === $this->field ? $this->message : $this->field.': '.$this->message;
    }
}
