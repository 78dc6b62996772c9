<?php

declare(strict_types=1);

namespace App\Persistence\Kind;

use App\Contract\Stored\StoredAs;
use App\Persistence\Upgrade\Upgrades;

/** The shape in which the document of a kind is written today. Each step that Upgrades has for it counts the number up. */
final readonly class Shape
{
    public int $number;

    /**
     * @param class-string         $document  the document it is read as
     * @param array<string, mixed> $elsewhere fields of it that have a column, as keys
     * @param string               $in        the field of the kind's document that it is; empty where it is all of it
     */
    public function __construct(public StoredAs $name, public string $document, public array $elsewhere = [], public string $in = '')
    {
        $this->number = Upgrades::present($name);
    }
}
