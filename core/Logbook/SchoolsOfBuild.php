<?php

declare(strict_types=1);

namespace Kontrast\Logbook;

use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Reading\Cover;
use Kontrast\Reading\Reading;
use Kontrast\Reading\WoodSchool;
use Kontrast\Rulebook\Assembly;
use Kontrast\Rulebook\Decision;
use Kontrast\Rulebook\Engine;
use Kontrast\Rulebook\SchoolQuestion;

/** Which schools would have tied a lure on, for each question on which they part in that water. */
final readonly class SchoolsOfBuild
{
    public function __construct(private Engine $engine)
    {
    }

    /** @return array<string, list<string>> by question; a question on which all would have tied the same is left out */
    public function find(Build $build, Reading $reading): array
    {
        $reading = $reading->with(lure: $build->kind);
        $usual = $this->engine->decide($reading);
        $agreeing = [];
        foreach (SchoolQuestion::cases() as $question) {
            $fits = SchoolQuestion::Wood === $question ? self::inWood($build, $reading) : $this->fitting($question, $build, $usual);
            if ([] !== $fits) {
                $agreeing[$question->value] = $fits;
            }
        }

        return $agreeing;
    }

    /** @return list<string> empty where all schools would have tied the same, or none this */
    private function fitting(SchoolQuestion $question, Build $build, Decision $usual): array
    {
        $fits = $seen = [];
        foreach ($question->schools() as $school) {
            $answer = self::answer($question, (new Assembly($this->engine->inSchool($usual, $school)))->build());
            $seen[$answer] = true;
            if ($answer === self::answer($question, $build)) {
                $fits[] = $school->value;
            }
        }

        return \count($seen) > 1 ? $fits : [];
    }

    /** @return list<string> in wood a bladed jig is one school's choice, and every other lure the other's (D6) */
    private static function inWood(Build $build, Reading $reading): array
    {
        if (!\in_array($reading->cover, [Cover::Wood, Cover::FloodedBrush], true)) {
            return [];
        }

        return [($build->kind->hasPlate() ? WoodSchool::Knock : WoodSchool::Avoid)->value];
    }

    /** What a lure says to a question. */
    private static function answer(SchoolQuestion $question, Build $build): string
    {
        return match ($question) {
            SchoolQuestion::Pairing => PairedColours::judge($build->skirt, $build->trailer)->value ?? StintLevels::NONE,
            SchoolQuestion::Finish => $build->rearBlade()?->finish->value ?? StintLevels::NONE,
            SchoolQuestion::Dirty, SchoolQuestion::ShadStart => $build->skirt?->base->value ?? StintLevels::NONE,
            SchoolQuestion::RedSpring => self::isRed($build) ? 'red' : 'plain',
            SchoolQuestion::Wood => $build->kind->value,
            SchoolQuestion::StainedTrailer => implode('+', array_map(
                static fn (Colour $colour): string => $colour->value,
                null === $build->trailer ? [] : [$build->trailer->base, ...$build->trailer->accents],
            )),
            SchoolQuestion::Strands => $build->skirt?->strands->value ?? StintLevels::NONE,
            SchoolQuestion::WarmingGrass => null === $build->skirt ? 'bare' : 'skirt',
            SchoolQuestion::JigStrands => $build->skirt?->material->value ?? StintLevels::NONE,
            SchoolQuestion::JigClear => $build->skirt?->base->value ?? StintLevels::NONE,
            SchoolQuestion::SpinnerbaitTrailer => null === $build->trailer ? 'bare' : 'trailer',
            // A lure does not say what line it hangs on.
            SchoolQuestion::ShallowLine => StintLevels::NONE,
        };
    }

    private static function isRed(Build $build): bool
    {
        $colours = [
            ...array_filter([$build->skirt?->base, $build->trailer?->base]),
            ...($build->skirt->accents ?? []),
            ...($build->skirt->belly ?? []),
            ...($build->trailer->accents ?? []),
        ];

        return [] !== array_filter($colours, static fn (Colour $colour): bool => \in_array($colour, [Colour::Orange, Colour::Red], true));
    }
}
