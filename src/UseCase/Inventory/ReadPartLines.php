<?php

declare(strict_types=1);

namespace App\UseCase\Inventory;

use App\Contract\Error\Fault;
use App\Contract\Error\InvalidDocument;
use App\Contract\Inventory\GlossDocument;
use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartLinesRequestDocument;
use App\Contract\Inventory\ReadPartLineDocument;
use App\Contract\Reader\DocumentNormalizer;
use App\Contract\Reader\DocumentReader;
use App\Persistence\Entity\ColourName;
use App\Persistence\Kind\ColourNameKind;
use App\Persistence\Rows;
use Kontrast\Inventory\PartLine;
use Kontrast\Inventory\PartLineReader;
use Kontrast\Inventory\PartList;
use Kontrast\Inventory\UnclearPartLine;
use Kontrast\Inventory\Words\ColourPattern;
use Kontrast\Inventory\Words\Gloss;
use Kontrast\Inventory\Words\Lexicon;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Material\BuildOptics;

/** What was understood of a list of parts, line by line. Nothing is stored. */
final readonly class ReadPartLines
{
    public function __construct(
        private DocumentReader $reader,
        private DocumentNormalizer $documents,
        private Rows $rows,
        private ColourNameKind $names,
    ) {
    }

    /**
     * @return list<ReadPartLineDocument> empty lines and headings are left out
     *
     * @throws InvalidDocument where there are too many lines
     */
    public function read(string $text): array
    {
        $lexicon = new Lexicon(array_map($this->pattern(...), $this->rows->all($this->names)));
        $lines = PartList::split($text, $lexicon);
        if (\count($lines) > PartLinesRequestDocument::MOST_LINES) {
            throw InvalidDocument::fault(
                'text',
                \sprintf('%d lines are too many. The most allowed is %d.', \count($lines), PartLinesRequestDocument::MOST_LINES),
            );
        }

        return array_map(
            fn (array $line): ReadPartLineDocument => $this->line($line['line'], $line['text'], $line['heading'], $lexicon),
            $lines,
        );
    }

    private function line(int $number, string $text, string $heading, Lexicon $lexicon): ReadPartLineDocument
    {
        try {
            $line = PartLineReader::read($text, $lexicon, $heading);
            $part = self::document($line);
            $this->check($part);
        } catch (UnclearPartLine|InvalidDocument $problem) {
            return new ReadPartLineDocument($number, $text, null, [], [], $problem->getMessage(), [new GlossDocument($text, null, true)]);
        }

        return new ReadPartLineDocument(
            $number,
            $text,
            $part,
            $line->assumed,
            $line->unknown,
            null,
            array_map(static fn (Gloss $one): GlossDocument => new GlossDocument($one->text, $one->means, $one->isUnknown), $line->glosses),
        );
    }

    /** @throws InvalidDocument where something else is wrong with it than that its color is not known yet */
    private function check(InventoryPartDocument $part): void
    {
        try {
            $this->reader->fromArray($this->documents->toStored($part), InventoryPartDocument::class);
        } catch (InvalidDocument $invalid) {
            $isColour = static fn (Fault $fault): bool => \in_array($fault->field, ['colour', 'metal'], true);
            if ([] !== array_filter($invalid->faults, static fn (Fault $fault): bool => !$isColour($fault))) {
                throw $invalid;
            }
        }
    }

    private function pattern(ColourName $name): ColourPattern
    {
        $document = $this->names->documentOf($name);

        return new ColourPattern($document->name, [$document->colour, ...$document->accents], $document->belly);
    }

    private static function document(PartLine $line): InventoryPartDocument
    {
        $word = static fn (Colour $colour): string => $colour->value;

        return new InventoryPartDocument(
            kind: $line->kind,
            name: $line->name(),
            count: $line->count,
            cost: $line->cost,
            colour: $line->base?->value,
            accents: array_map($word, $line->accents),
            belly: array_map($word, $line->belly),
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
            accent_share: $line->accentShare,
            layout: $line->layout,
            form: $line->form,
            keeper: $line->keeper,
        );
    }
}
