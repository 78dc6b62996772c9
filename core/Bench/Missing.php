<?php

declare(strict_types=1);

namespace Kontrast\Bench;

use Kontrast\Bin\Bin;
use Kontrast\Bin\Dye;
use Kontrast\Bin\OwnedBlade;
use Kontrast\Bin\OwnedHead;
use Kontrast\Bin\OwnedHook;
use Kontrast\Bin\OwnedSkirt;
use Kontrast\Bin\OwnedTrailer;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Opacity;
use Kontrast\Material\BuildParts;
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
final readonly class Missing
{
    /** @param list<Yardstick> $yardsticks one a reading */
    public function __construct(private Bin $bin, private array $yardsticks)
    {
    }

    /**
     * @return list<array{part: OwnedHead|OwnedBlade|OwnedSkirt|OwnedTrailer|OwnedHook, gain: int, readings: int}> parts that gain something, by what they gain over all
     *                                                                                                          readings (thousandths of a point), with the number of readings they help in
     */
    public function parts(int $most = 5): array
    {
        $owned = array_map(fn (Yardstick $yardstick): int => $this->best($this->bin, $yardstick), $this->yardsticks);
        $found = [];
        foreach ($this->candidates() as $part) {
            $gains = [];
            foreach ($this->yardsticks as $i => $yardstick) {
                $gains[] = max(0, $this->best($this->bin->only($part), $yardstick) - $owned[$i]);
            }
            if (array_sum($gains) > 0) {
                $found[] = ['part' => $part, 'gain' => array_sum($gains), 'readings' => \count(array_filter($gains, static fn (int $gain): bool => $gain > 0))];
            }
        }
        usort($found, static fn (array $a, array $b): int => $b['gain'] <=> $a['gain']);

        return \array_slice($found, 0, $most);
    }

    private function best(Bin $bin, Yardstick $yardstick): int
    {
        return ((new Search($bin, $yardstick, 1))->best()[0] ?? null)->marks->points ?? 0;
    }

    /** @return list<OwnedHead|OwnedBlade|OwnedSkirt|OwnedTrailer|OwnedHook> each once */
    private function candidates(): array
    {
        $candidates = [];
        foreach ($this->yardsticks as $yardstick) {
            foreach (self::advised($yardstick->brief) as $part) {
                $candidates[$part->id] = $part;
            }
        }

        return array_values($candidates);
    }

    /** @return iterable<int, OwnedHead|OwnedBlade|OwnedSkirt|OwnedTrailer|OwnedHook> the parts an advice asks for, in the colours of the trade's words */
    private static function advised(Brief $brief): iterable
    {
        $build = $brief->build;
        $head = "{$build->head->weight->words()} {$build->head->colour->value} {$build->kind->value}";
        yield new OwnedHead("head $head", $head, [$build->kind], $build->head->weight, self::dye($build->head->colour), $build->head->material, null, $build->arm);
        foreach ($build->blades as $blade) {
            $words = "{$blade->finish->value} {$blade->shape->value} #{$blade->size->number}";
            $metal = Metal::tryFrom($blade->finish->value);
            yield null === $metal
                ? OwnedBlade::painted("blade $words", $words, $blade->shape, $blade->size, self::paint($blade->finish))
                : OwnedBlade::ofMetal("blade $words", $words, $blade->shape, $blade->size, $metal, $blade->darkened);
        }
        if (null !== $build->skirt) {
            $words = self::colours($build->skirt->base, $build->skirt->accents)." {$build->skirt->material->value}";
            yield new OwnedSkirt("skirt $words", $words, self::dye($build->skirt->base), array_map(self::dye(...), $build->skirt->accents), self::hides($build->skirt->opacity), $build->skirt->material, $build->skirt->trim);
        }
        if (null !== $build->trailer) {
            $trailer = $build->trailer;
            $words = self::colours($trailer->base, $trailer->accents).' '.round($trailer->length->inInches(), 2)." in {$trailer->style->value}";
            yield new OwnedTrailer("trailer $words", $words, $trailer->style, $trailer->length, self::dye($trailer->base), array_map(self::dye(...), $trailer->accents), self::hides($trailer->opacity), $trailer->surface);
        }
        if (true === $build->trailerHook?->fit && Arm::Long === $build->arm) {
            yield new OwnedHook("hook {$build->trailerHook->size->words()}", $build->trailerHook->size->words(), $build->trailerHook->size);
        }
    }

    private static function dye(Colour $colour): Dye
    {
        return new Dye(Srgb::hex(Palette::hex($colour)), Palette::fluorescence($colour));
    }

    private static function paint(Finish $finish): Dye
    {
        return match ($finish) {
            Finish::PaintedChartreuse => self::dye(Colour::Chartreuse),
            Finish::PaintedOrange => self::dye(Colour::Orange),
            default => new Dye(Srgb::hex(Palette::finish($finish))),
        };
    }

    private static function hides(Opacity $opacity): float
    {
        return Opacity::Opaque === $opacity ? 1.0 : BuildParts::TRANSLUCENT;
    }

    /** @param list<Colour> $accents */
    private static function colours(Colour $base, array $accents): string
    {
        return implode(' and ', array_map(static fn (Colour $colour): string => $colour->value, [$base, ...$accents]));
    }
}
