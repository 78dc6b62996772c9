<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Lure\Build;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Finish;
use Kontrast\Lure\Intent;
use Kontrast\Lure\Pairing;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Reading\Reading;
use Kontrast\Rulebook\Advice;
use Kontrast\Rulebook\Slot;
use Kontrast\Vision\Band;
use Kontrast\Vision\BassEye;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Sensitivity;
use Kontrast\Vision\Separation;
use Kontrast\Vision\Viewing;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Direction;

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
    public static function form(Reading $reading, Advice $advice, ReflectanceFitter $reflectances): array
    {
        $sensitivity = Sensitivity::in($reading, Direction::Side, $reflectances);
        $opinions = [];
        if ([] !== $advice->build->blades) {
            $opinions[] = self::finish($sensitivity, $advice);
        }
        if (null !== $advice->build->skirt && null !== $advice->build->trailer) {
            $opinions[] = self::pairing($sensitivity, $advice, $advice->build);
        }

        return $opinions;
    }

    private static function finish(Sensitivity $sensitivity, Advice $advice): Opinion
    {
        $words = self::ranked($advice, Slot::Finish, ['silver', 'gold', 'painted_white', 'black']);
        $quiet = \in_array($advice->intent, [Intent::BlendIn, Intent::MatchForage], true);
        $parts = array_map(static fn (string $word): OpticalPart => BuildOptics::finish($word, Finish::from($word)), $words);
        $figures = array_map(static fn (OpticalPart $part): float => self::visible($part, $sensitivity->model()), $parts);
        $lengths = array_map($sensitivity->visible(...), $parts);
        $verdict = self::judgeFinish($figures, $quiet);
        foreach (array_keys($lengths[0] ?? []) as $at) {
            $there = array_map(static fn (array $lengths): float => $lengths[$at]->inInches(), $lengths);
            if ($verdict !== self::judgeFinish($there, $quiet)) {
                $verdict = Verdict::AboutEven;
                break;
            }
        }
        $candidates = array_map(
            static fn (string $word, float $figure, array $lengths): Candidate => new Candidate($word, $figure, span: Band::over($lengths)),
            $words,
            $figures,
            $lengths,
        );

        return new Opinion(Slot::Finish->value, self::nonEmpty($candidates), $verdict, match (true) {
            Verdict::AboutEven === $verdict => 'Too close to call: the model is not exact enough to tell them apart.',
            Verdict::NoDifference === $verdict => 'All of these disappear at about the same distance here.',
            Verdict::Agrees === $verdict && $quiet => 'It should blend in, and of these it disappears soonest.',
            $quiet => 'It should blend in, but another of these would disappear sooner.',
            Verdict::Agrees === $verdict => 'A bass makes none of the others out from farther.',
            default => 'A bass makes another of these out from farther in this light.',
        });
    }

    /** How far a part is visible by the model as it stands, at a glint where it shines; in. */
    private static function visible(OpticalPart $part, Viewing $viewing): float
    {
        $reduced = ReducedPart::of($part, $viewing);

        return ($reduced->flashRange() ?? $reduced->sightRange())->inInches();
    }

    /** @param list<float> $figures how far each is visible, the advised one first */
    private static function judgeFinish(array $figures, bool $quiet): Verdict
    {
        $seen = max(0.0, ...$figures);
        $hidden = min(\INF, ...$figures);
        $advised = $figures[0] ?? 0.0;

        return match (true) {
            $seen - $hidden <= self::NO_DIFFERENCE * $seen => Verdict::NoDifference,
            $quiet => $advised <= $hidden * (1 + self::NO_DIFFERENCE) ? Verdict::Agrees : Verdict::Disagrees,
            default => $advised >= $seen * (1 - self::NO_DIFFERENCE) ? Verdict::Agrees : Verdict::Disagrees,
        };
    }

    private static function pairing(Sensitivity $sensitivity, Advice $advice, Build $build): Opinion
    {
        $skirt = $build->skirt ?? throw new \LogicException('A pairing takes a skirt.');
        $trailer = $build->trailer ?? throw new \LogicException('A pairing takes a trailer.');
        $colours = Pairing::Accent === $advice->pairing && [] !== $trailer->accents
            ? [$trailer->accents[0]->value, ...self::ranked($advice, Slot::TrailerAccents, ['orange', 'blue', 'chartreuse', 'white'])]
            : self::ranked($advice, Slot::TrailerBase, [$skirt->base->value, 'white', 'black', 'orange']);
        $words = \array_slice(array_values(array_unique($colours)), 0, self::MOST_CANDIDATES);
        $base = BuildOptics::coloured('skirt', $skirt->base, $skirt->opacity);
        $parts = array_map(
            static fn (string $word): OpticalPart => BuildOptics::coloured($word, Colour::from($word), $trailer->opacity),
            $words,
        );
        $figures = self::differences($base, $parts, $sensitivity->model(), 1.0);
        $reads = self::reads($figures);
        $verdict = self::judgePairing($reads, $advice);
        foreach ($sensitivity->corners as $corner) {
            foreach (Sensitivity::WEBER as $weber) {
                $there = self::reads(self::differences($base, $parts, $corner, $weber / BassEye::CONE_NOISE));
                if ($verdict !== self::judgePairing($there, $advice)) {
                    $verdict = Verdict::AboutEven;
                    break 2;
                }
            }
        }
        $candidates = array_map(
            static fn (string $word, float $figure, string $looks): Candidate => new Candidate($word, $figure, $looks),
            $words,
            $figures,
            $reads,
        );
        $looks = Separation::from($reads[0] ?? Separation::One->value)->label();
        $wanted = implode(' or ', array_map(static fn (Separation $wanted): string => $wanted->label(), $advice->wanted->reads));

        return new Opinion(Slot::Pairing->value, self::nonEmpty($candidates), $verdict, match ($verdict) {
            Verdict::AboutEven => \sprintf(
                'The pair looks like %s to a bass, but the model is not exact enough to be sure. The advice wants %s.',
                $looks,
                $wanted,
            ),
            Verdict::NoDifference => \sprintf('In this water all of these look like %s next to the skirt.', $looks),
            Verdict::Agrees => \sprintf('The pair looks like %s to a bass, as the advice wants.', $looks),
            Verdict::Disagrees => \sprintf('The pair looks like %s to a bass. The advice wants %s.', $looks, $wanted),
        });
    }

    /**
     * @param list<OpticalPart> $parts
     *
     * @return list<float> JND of each beside a part, at the judging distance
     */
    private static function differences(OpticalPart $beside, array $parts, Viewing $viewing, float $noise): array
    {
        $base = ReducedPart::of($beside, $viewing);

        return array_map(static fn (OpticalPart $part): float => Pair::farther($base, ReducedPart::of($part, $viewing)) / $noise, $parts);
    }

    /**
     * @param list<float> $figures
     *
     * @return list<string>
     */
    private static function reads(array $figures): array
    {
        return array_map(static fn (float $jnd): string => Separation::at($jnd)->value, $figures);
    }

    /** @param list<string> $reads how each looks beside the skirt, the advised one first */
    private static function judgePairing(array $reads, Advice $advice): Verdict
    {
        $fits = \in_array(Separation::from($reads[0] ?? Separation::One->value), $advice->wanted->reads, true);

        return match (true) {
            $fits => Verdict::Agrees,
            1 === \count(array_unique($reads)) => Verdict::NoDifference,
            default => Verdict::Disagrees,
        };
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
