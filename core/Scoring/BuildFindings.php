<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Inventory\Composition;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Inventory\NearestColour;
use Kontrast\Inventory\PartColour;
use Kontrast\Inventory\Words\ColourWords;
use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Lure\Trailer;
use Kontrast\Material\BuildOptics;
use Kontrast\Measure\Length;
use Kontrast\Rulebook\PartGoal;
use Kontrast\Rulebook\Slot;
use Kontrast\Vision\BassEye;
use Kontrast\Vision\Pair;
use Kontrast\Vision\ReducedPart;
use Kontrast\Vision\Sensitivity;
use Kontrast\Vision\Separation;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Direction;

/** Says in plain words what the model sees in a build, and what would mend it. */
final readonly class BuildFindings
{
    /** From this share on a part does what it is for. (Chosen.) */
    private const ENOUGH = 0.5;

    /** @var non-empty-list<VisionScore> the same judgement with the model's constants at the ends of their spans */
    private array $elsewhere;

    public function __construct(private BuildScorer $scorer)
    {
        $this->elsewhere = array_map(
            static fn (Viewing $corner): VisionScore => new VisionScore($corner, $scorer->brief->wanted, $scorer->reading),
            Sensitivity::in($scorer->reading, Direction::Side, $scorer->viewing->reflectances)->corners,
        );
    }

    /** @return list<Finding> skirt with trailer, blade, skirt, and accents that are lost among their own base */
    public function find(Composition $build): array
    {
        $parts = [];
        foreach ($build->asLightMeetsThem() as $part) {
            $parts[$part->id] = $this->scorer->vision->reduce($part);
        }
        $wanted = $this->scorer->brief->wanted;

        return [
            ...$this->pairing($build, $parts),
            ...(isset($parts['blade.rear']) ? [$this->goal('blade', $wanted->blade, $parts['blade.rear'])] : []),
            ...(isset($parts['skirt.0']) ? [$this->skirt($parts['skirt.0'])] : []),
            ...$this->accents('skirt', $parts),
            ...$this->accents('trailer', $parts),
        ];
    }

    /**
     * How skirt and trailer go together. What the score does not count as advised is never praised: where no trailer is, or where the
     * trailer is of another color than any that the advice could do with.
     *
     * @param array<string, ReducedPart> $parts
     *
     * @return list<Finding>
     */
    private function pairing(Composition $build, array $parts): array
    {
        if (null === $build->trailer || !isset($parts['trailer.0'])) {
            return [];
        }
        $advised = $this->scorer->brief->build->trailer;
        if (null === $advised) {
            return [Finding::amiss('pair', 'The advice has no trailer in this water.')];
        }
        if (!isset($parts['skirt.0'])) {
            return [];
        }
        $skirt = $parts['skirt.0'];
        $trailer = array_values(array_filter([$parts['trailer.0'], $parts['trailer.1'] ?? null, $parts['trailer.2'] ?? null]));
        $reads = Separation::at($this->scorer->vision->apart($skirt, $trailer));
        $wanted = $this->scorer->brief->wanted;
        $fits = \in_array($reads, $wanted->reads, true);
        $tooAlike = !\in_array(Separation::One, $wanted->reads, true);
        $subject = $this->subject($skirt, $trailer);
        $other = self::isAsAdvised($build->trailer, $advised)
            ? ($skirt->againstWater() < 0 ? 'a lighter trailer' : 'a darker trailer')
            : 'a trailer in '.ColourWords::list($advised->base, $advised->accents, $advised->belly);
        if ($this->turns($skirt, $trailer, $fits)) {
            $settles = $tooAlike ? $other : 'a trailer closer to the skirt color';

            return [Finding::good(
                'pair',
                "$subject {$reads->label()}. Close call: the model is not exact enough to say whether that meets the "
                    ."goal; $settles would make it certain.",
            )];
        }
        if ($fits && $this->scorer->rules->colour(Slot::TrailerBase, $build->trailer->base)[0] < self::ENOUGH) {
            $words = NearestColour::nearest($build->trailer->base->colour)->label();

            return [Finding::amiss('pair', "$subject {$reads->label()}, but the trailer is $words: {$advised->base->label()} is advised.")];
        }
        if ($fits) {
            return [Finding::good('pair', "$subject {$reads->label()}, as the advice wants.", null)];
        }
        $split = Pair::of($skirt, $trailer[0])->splitRange();
        if ($tooAlike) {
            $remedy = "use $other.";
            $says = Separation::One === $reads && self::isThere($split)
                ? "Past {at}, skirt and trailer look like one color. The advice wants more contrast: $remedy"
                : "$subject {$reads->label()}. The advice wants more contrast: $remedy";

            return [Finding::amiss('pair', $says, $split)];
        }

        return [
            Finding::amiss(
                'pair',
                "$subject {$reads->label()}, separate to {at}. The advice wants less contrast: use a trailer closer "
                    .'to the '
                    .'skirt color.',
                $split,
            ),
        ];
    }

    private static function isAsAdvised(InventoryTrailer $trailer, Trailer $advised): bool
    {
        $words = static fn (PartColour $colour): Colour => NearestColour::nearest($colour->colour);

        return $words($trailer->base) === $advised->base && array_map($words, $trailer->accents) === $advised->accents;
    }

    /**
     * What the separation is of: the trailer itself, or the accent in it that differs most from the skirt.
     *
     * @param non-empty-list<ReducedPart> $trailer
     */
    private function subject(ReducedPart $skirt, array $trailer): string
    {
        $most = $this->scorer->vision->apart($skirt, $trailer);
        foreach ($trailer as $i => $part) {
            if ($i > 0 && $this->scorer->vision->apart($skirt, [$trailer[0]]) < $most && Pair::farther($skirt, $part) >= $most) {
                return 'Skirt and the '.NearestColour::nearest($part->part->inTheHand)->label().' in the trailer look like';
            }
        }

        return 'Skirt and trailer look like';
    }

    /**
     * Whether a pair's fitting or not turns somewhere within the published spans of the model's constants.
     *
     * @param non-empty-list<ReducedPart> $trailer
     */
    private function turns(ReducedPart $skirt, array $trailer, bool $fits): bool
    {
        foreach ($this->elsewhere as $vision) {
            $apart = $vision->apart(
                $vision->reduce($skirt->part),
                array_map(static fn (ReducedPart $part): ReducedPart => $vision->reduce($part->part), $trailer),
            );
            foreach (Sensitivity::WEBER as $weber) {
                $reads = Separation::at($apart * BassEye::CONE_NOISE / $weber);
                if ($fits !== \in_array($reads, $this->scorer->brief->wanted->reads, true)) {
                    return true;
                }
            }
        }

        return false;
    }

    private function skirt(ReducedPart $skirt): Finding
    {
        return null === $this->scorer->brief->build->skirt
            ? Finding::amiss('skirt', 'The advice has no skirt in this water.')
            : $this->goal('skirt', $this->scorer->brief->wanted->skirt, $skirt);
    }

    private function goal(string $what, PartGoal $goal, ReducedPart $part): Finding
    {
        $does = $this->scorer->vision->meets($goal, $part) >= self::ENOUGH;
        $range = $part->flashRange() ?? $part->sightRange();
        foreach ($this->elsewhere as $vision) {
            if ($does !== ($vision->meets($goal, $vision->reduce($part->part)) >= self::ENOUGH)) {
                return Finding::good($what, self::aboutEven($what, $goal), $range);
            }
        }
        $how = $part->againstWater() < 0 ? 'darker' : 'lighter';
        $farther = $this->farthestShade();

        return match ($goal) {
            PartGoal::LeastContrast => $does
                ? Finding::good($what, "The $what blends into the water, as the advice wants.")
                : Finding::amiss(
                    $what,
                    "The $what is $how than the water, and a bass makes it out from {at}, but it should blend in: use a color "
                        .'closer to the water, or one that is more see-through.',
                    $range,
                ),
            PartGoal::LikeForage => $does
                ? Finding::good($what, "The $what looks like the forage in this water, as the advice wants.")
                : Finding::amiss($what, "The $what does not look like the forage: use colors closer to it."),
            PartGoal::FarthestSeen => $does
                ? Finding::good($what, "A bass makes the $what out from {at}.", $range)
                : Finding::amiss(
                    $what,
                    "A bass makes the $what out from {at} only, but it should stand out: it makes a $farther one out from farther "
                        .'in this water.',
                    $range,
                ),
            PartGoal::Darkest => $does
                ? Finding::good($what, "The $what is darker than the water behind it, as the advice wants.")
                : Finding::amiss($what, "The $what is not darker than the water behind it, but it should show a silhouette: use a dark "
                    .'one.'),
        };
    }

    private static function aboutEven(string $what, PartGoal $goal): string
    {
        $whether = match ($goal) {
            PartGoal::LeastContrast => 'blends in well enough',
            PartGoal::LikeForage => 'looks enough like the forage',
            PartGoal::FarthestSeen => 'is visible far enough: up to {at}',
            PartGoal::Darkest => 'is dark enough',
        };

        return "Close call: the model is not exact enough to say whether the $what $whether.";
    }

    /** Whether black or white shows from farther here. */
    private function farthestShade(): string
    {
        $shows = fn (Colour $word): float => $this->scorer->vision->meets(
            PartGoal::FarthestSeen,
            $this->scorer->vision->reduce(BuildOptics::coloured($word->value, $word, Opacity::Opaque)),
        );

        return $shows(Colour::Black) > $shows(Colour::White) ? 'darker' : 'lighter';
    }

    /**
     * @param array<string, ReducedPart> $parts
     *
     * @return list<Finding>
     */
    private function accents(string $what, array $parts): array
    {
        $found = [];
        for ($i = 1; isset($parts["$what.$i"]); ++$i) {
            $pair = Pair::of($parts["$what.0"], $parts["$what.$i"]);
            if (Separation::One === $pair->reads()) {
                $word = NearestColour::nearest($parts["$what.$i"]->part->inTheHand)->label();
                $found[] = Finding::good($what, self::isThere($pair->splitRange())
                    ? "Past {at}, the $word accent in the $what blends into its base color."
                    : "In this water the $word accent in the $what looks the same as its base color.", $pair->splitRange());
            }
        }

        return $found;
    }

    private static function isThere(Length $range): bool
    {
        return $range->inMetres() > 0.0;
    }
}
