<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventoryHook;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Inventory\PartColour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Opacity;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\Metal;
use Kontrast\Material\Palette;
use Kontrast\Material\Srgb;
use Kontrast\Reading\Arm;
use Kontrast\Reading\Colour;
use Kontrast\Rulebook\Brief;

/**
 * Looks for the one part not owned that would gain most over a set of readings. Candidates are the parts the advices themselves ask for;
 * each is laid into the bin and the best build with it set against the best without.
 */
final readonly class MissingParts
{
    /** @param list<BuildScorer> $scorers one a reading */
    public function __construct(private Inventory $bin, private array $scorers)
    {
    }

    /**
     * Parts that gain something, by what they gain over all readings (thousandths of a point), with the number of readings they help in.
     *
     * @return list<array{
     *     part: InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook,
     *     gain: int,
     *     readings: int,
     * }>
     */
    public function parts(int $most = 5): array
    {
        $owned = array_map(fn (BuildScorer $scorer): int => $this->best($this->bin, $scorer), $this->scorers);
        $found = [];
        foreach ($this->candidates() as $part) {
            $gains = [];
            foreach ($this->scorers as $i => $scorer) {
                $gains[] = max(0, $this->best($this->bin->only($part), $scorer) - $owned[$i]);
            }
            if (array_sum($gains) > 0) {
                $found[] = [
                    'part' => $part,
                    'gain' => array_sum($gains),
                    'readings' => \count(array_filter($gains, static fn (int $gain): bool => $gain > 0)),
                ];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b['gain'] <=> $a['gain']);

        return \array_slice($found, 0, $most);
    }

    private function best(Inventory $bin, BuildScorer $scorer): int
    {
        return ((new BuildSearch($bin, $scorer, 1))->best()[0] ?? null)->scores->points ?? 0;
    }

    /** @return list<InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook> each once */
    private function candidates(): array
    {
        $candidates = [];
        foreach ($this->scorers as $scorer) {
            foreach (self::advised($scorer->brief) as $part) {
                $candidates[$part->id] = $part;
            }
        }

        return array_values($candidates);
    }

    /**
     * @return iterable<int, InventoryHead|InventoryBlade|InventorySkirt|InventoryTrailer|InventoryHook> the parts an advice asks for, in
     *        the colours of the trade's words
     */
    private static function advised(Brief $brief): iterable
    {
        $build = $brief->build;
        $head = "{$build->head->weight->label()} {$build->head->colour->label()} {$build->kind->label()}";
        yield new InventoryHead(
            "head $head",
            $head,
            [$build->kind],
            $build->head->weight,
            self::partColour($build->head->colour),
            $build->head->material,
            null,
            $build->arm,
        );
        foreach ($build->blades as $blade) {
            $words = "{$blade->finish->label()} {$blade->shape->label()} #{$blade->size->number}";
            $metal = Metal::tryFrom($blade->finish->value);
            yield null === $metal
                ? InventoryBlade::painted("blade $words", $words, $blade->shape, $blade->size, self::paint($blade->finish))
                : InventoryBlade::ofMetal("blade $words", $words, $blade->shape, $blade->size, $metal, $blade->darkened);
        }
        if (null !== $build->skirt) {
            $words = self::colours($build->skirt->base, $build->skirt->accents)." {$build->skirt->material->label()}";
            yield new InventorySkirt(
                "skirt $words",
                $words,
                self::partColour($build->skirt->base),
                array_map(self::partColour(...), $build->skirt->accents),
                self::hides($build->skirt->opacity),
                $build->skirt->material,
                $build->skirt->trim,
            );
        }
        if (null !== $build->trailer) {
            $trailer = $build->trailer;
            $words = self::colours(
                $trailer->base,
                $trailer->accents,
            ).' '.round($trailer->length->inInches(), 2)." in {$trailer->style->label()}";
            yield new InventoryTrailer(
                "trailer $words",
                $words,
                $trailer->style,
                $trailer->length,
                self::partColour($trailer->base),
                array_map(self::partColour(...), $trailer->accents),
                self::hides($trailer->opacity),
                $trailer->surface,
            );
        }
        if (true === $build->trailerHook?->fit && Arm::Long === $build->arm) {
            yield new InventoryHook(
                "hook {$build->trailerHook->size->label()}",
                $build->trailerHook->size->label(),
                $build->trailerHook->size,
            );
        }
    }

    private static function partColour(Colour $colour): PartColour
    {
        return new PartColour(Srgb::hex(Palette::hex($colour)), Palette::fluorescence($colour));
    }

    private static function paint(Finish $finish): PartColour
    {
        $paint = $finish->paint();

        return null === $paint ? new PartColour(Srgb::hex(Palette::finish($finish))) : self::partColour($paint);
    }

    private static function hides(Opacity $opacity): float
    {
        return Opacity::Opaque === $opacity ? 1.0 : BuildOptics::TRANSLUCENT;
    }

    /** @param list<Colour> $accents */
    private static function colours(Colour $base, array $accents): string
    {
        return implode(' and ', array_map(static fn (Colour $colour): string => $colour->label(), [$base, ...$accents]));
    }
}
