<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\OpticalPart;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Water\ClearerThanWater;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;

/**
 * How sure the model is: the same figures with its chosen constants at the ends of their published spans, every combination of them,
 * and where the model puts them, since a part may pass through the water's own colour between two ends.
 * Γ 8 to 9.6 (Tyler 1968 and after), light on an upright face 0.3 to 0.5 of that from above, contrast threshold 0.01 to 0.07 (studies of
 * fish), Weber fraction of a cone 0.05 to 0.12 (with that of tone in proportion). Figures change one way with the last two, so that their
 * ends are enough.
 */
final class Sensitivity
{
    private const GAMMA = [8.0, 9.6];
    private const UPRIGHT = [0.3, 0.5];
    /** Strictest eye last. */
    public const THRESHOLDS = [0.01, 0.07];
    public const WEBER = [0.05, 0.12];

    /** @var array<string, non-empty-list<ReducedPart>> by part id, one a corner */
    private array $reduced = [];

    /** @param non-empty-list<Viewing> $corners the water at every combination of Γ and upright light, the model's own first */
    private function __construct(public readonly array $corners)
    {
    }

    /** @throws ClearerThanWater */
    public static function in(Reading $reading, Direction $from, ReflectanceFitter $reflectances): self
    {
        $corners = [Viewing::in(Scene::of($reading, $from), $reflectances)];
        foreach (self::GAMMA as $gamma) {
            foreach (self::UPRIGHT as $upright) {
                $corners[] = Viewing::in(Scene::of($reading, $from, $gamma, $upright), $reflectances);
            }
        }

        return new self($corners);
    }

    /** The water as the model takes it, none of its constants moved. */
    public function model(): Viewing
    {
        return $this->corners[0];
    }

    /** How far a part is visible. */
    public function sight(OpticalPart $part): Band
    {
        return Band::over($this->lengths($part, self::sightRange(...)));
    }

    /** The same at a glint; null for what does not shine. */
    public function flash(OpticalPart $part): ?Band
    {
        return null === $this->reduced($part)[0]->glint ? null : Band::over($this->lengths($part, self::farthest(...)));
    }

    /**
     * How far a part is visible, at a glint where it shines: at each corner with each threshold, in the same order for every part.
     *
     * @return non-empty-list<Length>
     */
    public function visible(OpticalPart $part): array
    {
        return $this->lengths($part, self::farthest(...));
    }

    /** How far two parts stay two. */
    public function split(OpticalPart $a, OpticalPart $b): Band
    {
        $lengths = [];
        foreach ($this->reduced($a) as $corner => $one) {
            $pair = Pair::of($one, $this->reduced($b)[$corner]);
            foreach (self::WEBER as $weber) {
                $lengths[] = $pair->splitRange($weber / BassEye::CONE_NOISE);
            }
        }

        return Band::over($lengths);
    }

    private static function sightRange(ReducedPart $part, float $threshold): Length
    {
        return $part->sightRange($threshold);
    }

    private static function farthest(ReducedPart $part, float $threshold): Length
    {
        return $part->flashRange($threshold) ?? $part->sightRange($threshold);
    }

    /**
     * @param callable(ReducedPart, float): Length $range
     *
     * @return non-empty-list<Length>
     */
    private function lengths(OpticalPart $part, callable $range): array
    {
        $lengths = [];
        foreach ($this->reduced($part) as $reduced) {
            foreach (self::THRESHOLDS as $threshold) {
                $lengths[] = $range($reduced, $threshold);
            }
        }

        return $lengths;
    }

    /** @return non-empty-list<ReducedPart> */
    private function reduced(OpticalPart $part): array
    {
        return $this->reduced[$part->id] ??= array_map(
            static fn (Viewing $corner): ReducedPart => ReducedPart::of($part, $corner),
            $this->corners,
        );
    }
}
