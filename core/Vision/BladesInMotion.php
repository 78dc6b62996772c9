<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Measure\Angle;
use Kontrast\Reading\Reading;
use Kontrast\Water\Spectrum;

/** Blades of bare metal as they turn, from each distance at which a scene is shown. */
final readonly class BladesInMotion
{
    /**
     * @param array<string, list<list<Shown>>> $turns by part id: at each distance, a color for each angle of a flash
     * @param Angle                            $tilt  half the height of the light in the water: so far a blade leans back when it flashes
     */
    private function __construct(public array $turns, public Angle $tilt)
    {
    }

    /** @param list<OpticalPart> $parts all of the scene, since its pictures are exposed for them */
    public static function of(Viewing $viewing, Reading $reading, array $parts): self
    {
        $eyes = Eyes::in($viewing, $parts);
        $paths = Eyes::paths($viewing, ContrastCurves::distances($reading));
        $turns = [];
        foreach ($parts as $part) {
            if (null !== $part->metal) {
                $lights = PartCurve::turned(Radiance::of($part, $viewing->scene, $viewing->reflectances));
                $turns[$part->id] = array_map(
                    static fn (Path $path): array => array_map(static fn (Spectrum $light): Shown => $eyes->through($path, $light), $lights),
                    $paths,
                );
            }
        }

        return new self($turns, Angle::degrees(rad2deg(asin($viewing->scene->water->sky->cosine)) / 2));
    }
}
