<?php

declare(strict_types=1);

namespace App\Format;

use App\Contract\Advice\ChartDocument;
use Kontrast\Lure\Colour;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A chart as a table: a line for each water, its picks in the words of the documents; comma-separated values (RFC 4180). */
final class ChartTable
{
    public static function write(ChartDocument $chart): string
    {
        $rows = [];
        foreach ($chart->cells as $cell) {
            $picks = $cell->advice;
            $blade = $picks->blades[\count($picks->blades) - 1] ?? null;
            $rows[] = [
                'visibility_in' => $cell->visibility_in,
                'sky' => $cell->sky->value,
                'lure' => $cell->lure->value,
                'forage' => $cell->forage->value,
                'set' => $picks->set?->value,
                'blade' => null === $blade ? null : ($blade->darkened ? 'darkened ' : '').$blade->finish->value,
                'skirt' => null === $picks->skirt ? null : self::colours($picks->skirt->base, $picks->skirt->accents, $picks->skirt->belly),
                'trailer' => null === $picks->trailer ? null : self::colours(
                    $picks->trailer->base,
                    $picks->trailer->accents,
                    $picks->trailer->belly,
                ),
                'trailer_style' => $picks->trailer?->style->value,
                'trailer_length_in' => $picks->trailer?->length_in,
                'weight_oz' => $picks->head->weight_oz,
            ];
        }

        return (new CsvEncoder([CsvEncoder::ESCAPE_CHAR_KEY => '']))->encode($rows, 'csv');
    }

    /**
     * @param list<Colour> $accents
     * @param list<Colour> $belly
     */
    private static function colours(Colour $base, array $accents, array $belly): string
    {
        return self::words([$base, ...$accents]).([] === $belly ? '' : ' over '.self::words($belly));
    }

    /** @param list<Colour> $colours */
    private static function words(array $colours): string
    {
        return implode(' ', array_map(static fn (Colour $colour): string => $colour->value, $colours));
    }
}
