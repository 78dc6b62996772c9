<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Stored\StoredAs;

/** The shape in which the document of a kind is written today. A change of it counts the number up and adds an upgrader. */
final readonly class Shape
{
    /**
     * @param class-string         $document  the document it is read as
     * @param array<string, mixed> $elsewhere fields of it that have a column, as keys
     */
    public function __construct(public StoredAs $name, public int $number, public string $document, public array $elsewhere = [])
    {
    }
}
