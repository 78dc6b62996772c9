<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Measure\Length;

/** Parts and pairs followed out over distance: contrasts for a plot, and colours for a drawing. */
final readonly class ContrastCurves
{
    private const STEPS = 32;
    /** A little past where a white thing is lost. (Chosen.) */
    private const REACH = 1.15;

    /**
     * @param list<Length>                                                                                          $distances
     * @param list<float> $left how much of a detail the water leaves at each distance, e^(−c̄·r)
     * @param list<array{
     *     part: ReducedPart,
     *     person: list<string>,
     *     bass: list<string>,
     *     contrast: list<float>,
     *     flash: list<float>|null,
     * }> $parts
     * @param list<array{pair: Pair, jnd: list<float>}>                                                             $pairs
     */
    private function __construct(
        public Viewing $viewing,
        public string $waterForPerson,
        public string $waterForBass,
        public array $distances,
        public array $left,
        public array $parts,
        public array $pairs,
    ) {
    }

    /**
     * @param list<OpticalPart>                  $parts
     * @param list<array{string, string}> $pairs by part id; ids that name no part are left out
     */
    public static function of(Viewing $viewing, Length $visibility, array $parts, array $pairs): self
    {
        $scene = $viewing->scene;
        $screen = Screen::for($viewing);
        $distances = array_map(static fn (int $i): Length => $visibility->times(self::REACH * $i / self::STEPS), range(0, self::STEPS));
        $traced = [];
        $byId = [];
        foreach ($parts as $part) {
            $byId[$part->id] = $reduced = ReducedPart::of($part, $viewing);
            $radiance = Radiance::of($part, $scene, $viewing->reflectances)->steady;
            $seen = array_map(static fn (Length $distance) => $scene->through($radiance, $distance), $distances);
            $contrast = static fn (Detection $detection): array => array_map(
                static fn (Length $distance): float => $detection->contrast($distance->inMetres()),
                $distances,
            );
            $traced[] = [
                'part' => $reduced,
                'person' => array_map(static fn ($light): string => $screen->person($light)->toHex(), $seen),
                'bass' => array_map(static fn ($light): string => $screen->bass($light)->toHex(), $seen),
                'contrast' => $contrast($reduced->steady),
                'flash' => null === $reduced->glint ? null : $contrast($reduced->glint),
            ];
        }
        $tracedPairs = [];
        foreach ($pairs as [$a, $b]) {
            if (isset($byId[$a], $byId[$b])) {
                $pair = Pair::of($byId[$a], $byId[$b]);
                $tracedPairs[] = ['pair' => $pair, 'jnd' => array_map($pair->at(...), $distances)];
            }
        }

        return new self(
            $viewing,
            $screen->person($scene->background)->toHex(),
            $screen->bass($scene->background)->toHex(),
            $distances,
            array_map(static fn (Length $distance): float => exp(-$scene->water->beamAttenuation * $distance->inMetres()), $distances),
            $traced,
            $tracedPairs,
        );
    }
}
