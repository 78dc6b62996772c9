<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Error\InvalidDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartLinesRequestDocument;
use App\Contract\Inventory\ReadPartLineDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use Kontrast\Inventory\PartLine;
use Kontrast\Inventory\PartLineReader;
use Kontrast\Inventory\UnclearPartLine;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Material\BuildOptics;

/** What was understood of a list of parts, line by line. Nothing is stored. */
final readonly class ReadPartLines
{
    public function __construct(private DocumentReader $reader, private DocumentNormalizer $documents)
    {
    }

    /**
     * @return list<ReadPartLineDocument> empty lines are left out
     *
     * @throws InvalidDocument where there are too many lines
     */
    public function read(string $text): array
    {
        $lines = array_filter(
            array_map(trim(...), explode("\n", str_replace(["\r\n", "\r"], "\n", $text))),
            static fn (string $line): bool => '' !== $line,
        );
        if (\count($lines) > PartLinesRequestDocument::MOST_LINES) {
            throw InvalidDocument::fault(
                'text',
                \sprintf('%d lines are too many. The most allowed is %d.', \count($lines), PartLinesRequestDocument::MOST_LINES),
            );
        }

        return array_map($this->line(...), $lines, array_keys($lines));
    }

    private function line(string $text, int $index): ReadPartLineDocument
    {
        try {
            $line = PartLineReader::read($text);
            $part = self::document($line);
            $this->reader->fromArray($this->documents->toStored($part), InventoryPartDocument::class);

            return new ReadPartLineDocument($index + 1, $text, $part, $line->assumed, $line->ignored, null);
        } catch (UnclearPartLine|InvalidDocument $problem) {
            return new ReadPartLineDocument($index + 1, $text, null, [], [], $problem->getMessage());
        }
    }

    private static function document(PartLine $line): InventoryPartDocument
    {
        $words = array_map(static fn (Colour $colour): string => $colour->value, $line->colours);

        return new InventoryPartDocument(
            kind: $line->kind,
            name: $line->name,
            count: $line->count,
            cost: $line->cost,
            colour: $words[0] ?? null,
            accents: \array_slice($words, 1),
            belly: array_map(static fn (Colour $colour): string => $colour->value, $line->belly),
            eye: $line->eye,
            strand_pattern: $line->strands,
            belly_shape: $line->bellyShape,
            opacity: Opacity::Translucent === $line->opacity ? BuildOptics::TRANSLUCENT : 1.0,
            metal: $line->metal,
            darkened: $line->darkened,
            shape: $line->shape,
            number: $line->number,
            weight_oz: null === $line->weight ? null : round($line->weight->inOunces(), 4),
            lures: $line->lures,
            metal_of_head: $line->headMaterial,
            hook: $line->hook?->label(),
            arm: $line->arm,
            strands: $line->skirtMaterial,
            trim: $line->trim,
            style: $line->style,
            length_in: null === $line->length ? null : round($line->length->inInches(), 3),
            surface: $line->surface,
            plastic: $line->plastic,
            size: $line->size,
        );
    }
}
