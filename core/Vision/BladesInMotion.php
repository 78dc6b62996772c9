<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Water\Spectrum;

/** Blades of bare metal as they turn, from each distance at which a scene is shown. */
final readonly class BladesInMotion
{
    /**
     * @param array<string, array{turns: list<list<Shown>>, means: list<Shown>, visibleToPerson: list<bool>, visibleToBass: list<bool>}> $turns by part id: at each distance, a color for each angle
     *        of a flash, one for a turn too fast to be seen, and whether the flash is seen there
     * @param Angle $tilt  half the height of the light in the water: so far a blade leans back when it flashes
     */
    private function __construct(public array $turns, public Angle $tilt)
    {
    }

    /** @param list<OpticalPart> $parts all of the scene, since its pictures are exposed for them */
    public static function of(Viewing $viewing, Reading $reading, array $parts): self
    {
        $eyes = Eyes::in($viewing, $parts);
        $distances = ContrastCurves::distances($reading);
        $paths = Eyes::paths($viewing, $distances);
        $water = $eyes->person->see($viewing->scene->background)->toLab();
        $turns = [];
        foreach ($parts as $part) {
            if (null !== $part->metal) {
                $radiance = Radiance::of($part, $viewing->scene, $viewing->reflectances);
                $lights = PartCurve::turned($radiance);
                $mean = $radiance->overATurn();
                $followed = array_map(
                    static fn (Path $path): array => array_map(static fn (Spectrum $light): Shown => $eyes->through($path, $light), $lights),
                    $paths,
                );
                $flash = ReducedPart::of($part, $viewing)->glint;
                $turns[$part->id] = [
                    'turns' => $followed,
                    'means' => array_map(static fn (Path $path): Shown => $eyes->through($path, $mean), $paths),
                    'visibleToPerson' => array_map(
                        static fn (array $turn): bool => Ciede2000::between($turn[0]->person->toLab(), $water) >= PartCurve::GONE,
                        $followed,
                    ),
                    'visibleToBass' => array_map(
                        static fn (Length $distance): bool => abs($flash?->contrast($distance->inMetres()) ?? 0.0) >= BassEye::THRESHOLD,
                        $distances,
                    ),
                ];
            }
        }

        return new self($turns, Angle::degrees(rad2deg(asin($viewing->scene->water->sky->cosine)) / 2));
    }
}
