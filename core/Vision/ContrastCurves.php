<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Lab;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Water\Spectrum;

/** Parts and pairs followed out over distance: contrasts for a plot, and colours for a drawing. */
final readonly class ContrastCurves
{
    private const STEPS = 32;
    /** A little past where a white thing is lost. (Chosen.) */
    private const REACH = 1.15;

    /** A person tells two colours apart from this much of CIEDE2000 on. (Chosen: what the unit was made for.) */
    private const PERSON_TELLS = 1.0;
    /** Nearer to the water than this a part is gone to a person, as it is shown. (Chosen.) */
    private const GONE = 2.0;

    /**
     * @param float        $stops     by how much the exposed pictures are brighter
     * @param list<Length> $distances
     * @param list<float>  $left      how much of a detail the water leaves at each distance, e^(−c̄·r)
     * @param list<array{
     *     part: ReducedPart,
     *     person: list<string>,
     *     camera: list<string>,
     *     bass: list<string>,
     *     bassExposed: list<string>,
     *     visibleToPerson: list<bool>,
     *     visibleToBass: list<bool>,
     *     contrast: list<float>,
     *     flash: list<float>|null,
     * }> $parts
     * @param list<array{pair: Pair, jnd: list<float>, separateToPerson: list<bool>, separateToBass: list<bool>}> $pairs
     */
    private function __construct(
        public Viewing $viewing,
        public PersonEye $person,
        public PersonEye $camera,
        public Screen $screen,
        public float $stops,
        public array $distances,
        public array $left,
        public array $parts,
        public array $pairs,
    ) {
    }

    /**
     * @param list<OpticalPart>           $parts
     * @param list<array{string, string}> $pairs by part id; ids that name no part are left out
     */
    public static function of(Viewing $viewing, Length $visibility, array $parts, array $pairs): self
    {
        $scene = $viewing->scene;
        $screen = Screen::for($viewing);
        $person = PersonEye::in($scene);
        $camera = PersonEye::camera($scene);
        $distances = array_map(static fn (int $i): Length => $visibility->times(self::REACH * $i / self::STEPS), range(0, self::STEPS));
        $radiances = array_map(
            static fn (OpticalPart $part): Spectrum => Radiance::of($part, $scene, $viewing->reflectances)->steady,
            $parts,
        );
        $stops = $screen->stopsFor([$scene->background, ...$radiances]);
        $exposed = $screen->brighter($stops);
        $water = $person->see($scene->background)->toLab();
        $traced = [];
        $byId = [];
        $labs = [];
        foreach ($parts as $k => $part) {
            $byId[$part->id] = $reduced = ReducedPart::of($part, $viewing);
            $seen = array_map(static fn (Length $distance): Spectrum => $scene->through($radiances[$k], $distance), $distances);
            $shown = array_map($person->see(...), $seen);
            $labs[$part->id] = array_map(static fn (Srgb $colour): Lab => $colour->toLab(), $shown);
            $contrast = static fn (Detection $detection): array => array_map(
                static fn (Length $distance): float => $detection->contrast($distance->inMetres()),
                $distances,
            );
            $steady = $contrast($reduced->steady);
            $traced[] = [
                'part' => $reduced,
                'person' => array_map(static fn (Srgb $colour): string => $colour->toHex(), $shown),
                'camera' => self::colours($camera->see(...), $seen),
                'bass' => self::colours($screen->bass(...), $seen),
                'bassExposed' => self::colours($exposed->bass(...), $seen),
                'visibleToPerson' => array_map(
                    static fn (Lab $lab): bool => Ciede2000::between($lab, $water) >= self::GONE,
                    $labs[$part->id],
                ),
                'visibleToBass' => array_map(static fn (float $contrast): bool => abs($contrast) >= BassEye::THRESHOLD, $steady),
                'contrast' => $steady,
                'flash' => null === $reduced->glint ? null : $contrast($reduced->glint),
            ];
        }
        $tracedPairs = [];
        foreach ($pairs as [$a, $b]) {
            if (isset($byId[$a], $byId[$b])) {
                $pair = Pair::of($byId[$a], $byId[$b]);
                $jnd = array_map($pair->at(...), $distances);
                $tracedPairs[] = [
                    'pair' => $pair,
                    'jnd' => $jnd,
                    'separateToPerson' => array_map(
                        static fn (Lab $one, Lab $two): bool => Ciede2000::between($one, $two) >= self::PERSON_TELLS,
                        $labs[$a],
                        $labs[$b],
                    ),
                    'separateToBass' => array_map(static fn (float $steps): bool => Separation::One !== Separation::at($steps), $jnd),
                ];
            }
        }

        return new self(
            $viewing,
            $person,
            $camera,
            $screen,
            $stops,
            $distances,
            array_map(static fn (Length $distance): float => exp(-$scene->water->beamAttenuation * $distance->inMetres()), $distances),
            $traced,
            $tracedPairs,
        );
    }

    /**
     * @param callable(Spectrum): Srgb $eye
     * @param list<Spectrum>           $seen
     *
     * @return list<string>
     */
    private static function colours(callable $eye, array $seen): array
    {
        return array_map(static fn (Spectrum $light): string => $eye($light)->toHex(), $seen);
    }
}
