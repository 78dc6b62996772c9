<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Inventory\Words\ColourWords;
use Kontrast\Lure\BladeShape;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\SkirtMaterial;
use Kontrast\Lure\Strands;
use Kontrast\Lure\Trim;

/** Makes the name of a part of what it is, its measures in the units of whoever reads it. */
final class PartName
{
    public static function of(PartLine $line): string
    {
        $what = match ($line->kind) {
            PartKind::Head => self::words($line->weight?->said(), $line->form?->label(), self::lures($line), 'head'),
            PartKind::Blade => self::words(null === $line->number ? null : "#$line->number", self::shape($line), 'blade'),
            PartKind::Skirt => self::words(
                Strands::Solid === $line->strands ? null : $line->strands?->label(),
                Trim::LongTail === $line->trim ? 'long-tail' : null,
                SkirtMaterial::LivingRubber === $line->skirtMaterial ? 'living rubber' : null,
                'skirt',
            ),
            PartKind::Trailer => self::words($line->length?->said(), $line->style?->label()),
            PartKind::Hook => self::words($line->hook?->label(), 'trailer hook'),
            default => self::words($line->size, $line->kind->label()),
        };
        $colour = null !== $line->metal
            ? ($line->darkened ? 'darkened ' : '').$line->metal->label()
            : ('' === $line->pattern ? ColourWords::list($line->base, $line->accents, $line->belly) : $line->pattern);
        $name = '' === $colour ? $what : "$what, $colour";

        return mb_strimwidth(mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1), 0, PartBounds::MOST_NAME, '…');
    }

    private static function lures(PartLine $line): string
    {
        return implode(' and ', array_map(static fn (LureKind $lure): string => strtolower($lure->label()), $line->lures));
    }

    private static function shape(PartLine $line): ?string
    {
        return BladeShape::BladedJig === $line->shape ? 'bladed jig' : $line->shape?->label();
    }

    private static function words(?string ...$words): string
    {
        return implode(' ', array_filter($words, static fn (?string $word): bool => null !== $word && '' !== $word));
    }
}
