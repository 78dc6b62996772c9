<?php

declare(strict_types=1);

namespace Kontrast\Trip;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Lure\Colour;
use Kontrast\Lure\TrailerStyle;

/** What a fish takes parts for, in plain words: each is worked out once. */
final class LooksOfParts
{
    /** @var array<string, Colour> by id */
    private array $skirts = [];
    /** @var array<string, array{Colour, TrailerStyle}> by id */
    private array $trailers = [];

    /** @return ($skirt is null ? null : Colour) */
    public function skirt(?InventorySkirt $skirt): ?Colour
    {
        return null === $skirt ? null : $this->skirts[$skirt->id] ??= $skirt->inWords()->base;
    }

    /** @return array{Colour, TrailerStyle}|array{null, null} */
    public function trailer(?InventoryTrailer $trailer): array
    {
        if (null === $trailer) {
            return [null, null];
        }
        $words = $trailer->inWords();

        return $this->trailers[$trailer->id] ??= [$words->base, $words->style];
    }

    /** The same for lures of one kind, skirt and finish. */
    public function ofBody(Composition $body): string
    {
        return implode(' ', [$body->kind->value, $this->skirt($body->skirt)->value ?? '', $body->rear?->finish()->value ?? '']);
    }
}
