<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Lure\Build;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Intent;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Pairing;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Colour;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Slot;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Separation;
use Kontrast\Vision\Viewing;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/** Asks the model about blade finish and pairing after the trade has spoken. */
final class SecondOpinion
{
    /** Candidates closer together than this share of the best make no difference. (Chosen.) */
    private const NO_DIFFERENCE = 0.10;
    private const MOST_CANDIDATES = 3;

    /**
     * @return list<Opinion>
     *
     * @throws ClearerThanWater
     */
    public static function on(Reading $reading, Advice $advice, ReflectanceFitter $reflectances): array
    {
        $viewing = Viewing::in(Scene::of($reading, Direction::Side), $reflectances);
        $opinions = [];
        if ([] !== $advice->build->blades) {
            $opinions[] = self::finish($viewing, $advice);
        }
        if (null !== $advice->build->skirt && null !== $advice->build->trailer) {
            $opinions[] = self::pairing($viewing, $advice, $advice->build);
        }

        return $opinions;
    }

    private static function finish(Viewing $viewing, Advice $advice): Opinion
    {
        $candidates = [];
        foreach (self::ranked($advice, Slot::Finish, ['silver', 'gold', 'painted_white', 'black']) as $word) {
            $part = ReducedPart::of(BuildOptics::finish($word, Finish::from($word)), $viewing);
            $candidates[] = new Candidate($word, ($part->flashRange() ?? $part->sightRange())->inInches());
        }
        $figures = array_map(static fn (Candidate $candidate): float => $candidate->figure, $candidates);
        $seen = max(0.0, ...$figures);
        $hidden = min(\INF, ...$figures);
        $advised = $figures[0] ?? 0.0;
        $quiet = \in_array($advice->intent, [Intent::Vanish, Intent::PassForForage], true);

        return new Opinion(Slot::Finish->value, self::nonEmpty($candidates), ...match (true) {
            $seen - $hidden <= self::NO_DIFFERENCE * $seen => [
                Verdict::NoDifference,
                'All of these are lost at about the same distance here.',
            ],
            $quiet && $advised <= $hidden * (1 + self::NO_DIFFERENCE) => [
                Verdict::Agrees,
                'Meant to be quiet, and of these it is the one lost soonest.',
            ],
            $quiet => [Verdict::Disagrees, 'Meant to be quiet, yet another of these would be lost sooner.'],
            $advised >= $seen * (1 - self::NO_DIFFERENCE) => [Verdict::Agrees, 'None of the others can be made out from farther.'],
            default => [Verdict::Disagrees, 'Another of these can be made out from farther in this light.'],
        });
    }

    private static function pairing(Viewing $viewing, Advice $advice, Build $build): Opinion
    {
        $skirt = $build->skirt ?? throw new \LogicException('A pairing takes a skirt.');
        $trailer = $build->trailer ?? throw new \LogicException('A pairing takes a trailer.');
        $base = ReducedPart::of(BuildOptics::coloured('skirt', $skirt->base, $skirt->opacity), $viewing);
        $colours = Pairing::Accent === $advice->pairing && [] !== $trailer->accents
            ? [$trailer->accents[0]->value, ...self::ranked($advice, Slot::TrailerAccents, ['orange', 'blue', 'chartreuse', 'white'])]
            : self::ranked($advice, Slot::TrailerBase, [$skirt->base->value, 'white', 'black', 'orange']);
        $candidates = [];
        foreach (\array_slice(array_values(array_unique($colours)), 0, self::MOST_CANDIDATES) as $word) {
            $jnd = Pair::farther(
                $base,
                ReducedPart::of(
                    BuildOptics::coloured(
                        $word,
                        Colour::from($word),
                        Opacity::Opaque === $trailer->opacity ? Opacity::Opaque : Opacity::Translucent,
                    ),
                    $viewing,
                ),
            );
            $candidates[] = new Candidate($word, $jnd, Separation::at($jnd)->value);
        }
        $reads = array_map(static fn (Candidate $candidate): string => $candidate->reads, $candidates);
        $fits = \in_array(Separation::from($reads[0] ?? Separation::One->value), $advice->wanted->reads, true);

        return new Opinion(Slot::Pairing->value, self::nonEmpty($candidates), ...match (true) {
            1 === \count(array_unique($reads)) && !$fits => [
                Verdict::NoDifference,
                \sprintf('In this water all of these read as %s beside the skirt.', $reads[0] ?? ''),
            ],
            $fits => [Verdict::Agrees, \sprintf('The pair reads as %s to a bass, which is what is wanted.', $reads[0] ?? '')],
            default => [
                Verdict::Disagrees,
                \sprintf(
                    'The pair reads as %s to a bass; wanted was %s.',
                    $reads[0] ?? '',
                    implode(' or ', array_map(static fn (Separation $wanted): string => $wanted->value, $advice->wanted->reads)),
                ),
            ],
        });
    }

    /**
     * What was picked, then what the rules would have picked next, then the usual alternatives.
     *
     * @param list<string> $usual
     *
     * @return list<string>
     */
    private static function ranked(Advice $advice, Slot $slot, array $usual): array
    {
        $voted = array_keys($advice->scores[$slot->value] ?? []);

        return \array_slice(array_values(array_unique([...array_map(strval(...), $voted), ...$usual])), 0, self::MOST_CANDIDATES);
    }

    /**
     * @param list<Candidate> $candidates
     *
     * @return non-empty-list<Candidate>
     */
    private static function nonEmpty(array $candidates): array
    {
        return [] !== $candidates ? $candidates : throw new \LogicException('An opinion needs something to judge.');
    }
}
