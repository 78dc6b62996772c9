<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** Gives the cases of an enumeration the words they are called by on screen and in prose. */
trait HasLabel
{
    public function label(): string
    {
        return self::exceptions()[$this->value] ?? str_replace('_', ' ', $this->value);
    }

    /** @return array<string, string> by value, where taking the underscores out is not enough */
    private static function exceptions(): array
    {
        return [];
    }
}
