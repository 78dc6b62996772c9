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
     * @param list<TurningBlade> $blades
     * @param Angle              $tilt   half the height of the light in the water: so far a blade leans back when it flashes
     */
    private function __construct(public array $blades, public Angle $tilt)
    {
    }

    /** @param list<OpticalPart> $parts all of the scene, since its pictures are exposed for them */
    public static function of(Viewing $viewing, Reading $reading, array $parts): self
    {
        $eyes = Eyes::in($viewing, $parts);
        $distances = ContrastCurves::distances($reading);
        $paths = Eyes::paths($viewing, $distances);
        $blades = [];
        foreach ($parts as $part) {
            if (null !== $part->metal) {
                $blades[] = self::blade($part, $viewing, $eyes, $distances, $paths);
            }
        }

        return new self($blades, Angle::degrees(rad2deg(asin($viewing->scene->water->sky->cosine)) / 2));
    }

    /**
     * @param list<Length> $distances
     * @param list<Path>   $paths
     */
    private static function blade(OpticalPart $part, Viewing $viewing, Eyes $eyes, array $distances, array $paths): TurningBlade
    {
        $radiance = Radiance::of($part, $viewing->scene, $viewing->reflectances);
        $turned = Flash::lights($radiance);
        $follow = static fn (Path $path): array => array_map(
            static fn (Spectrum $light): Shown => $eyes->through($path, $light),
            $turned,
        );
        $turns = array_map($follow, $paths);
        $mean = $radiance->overATurn();
        $flash = ReducedPart::of($part, $viewing)->glint;

        return new TurningBlade(
            $part->id,
            $turns,
            array_map(static fn (Path $path): Shown => $eyes->through($path, $mean), $paths),
            array_map(static fn (array $turn): bool => $eyes->isSeen($turn[0]->person), $turns),
            array_map(
                static fn (Length $distance): bool => abs($flash?->contrast($distance->inMetres()) ?? 0.0) >= BassEye::THRESHOLD,
                $distances,
            ),
        );
    }
}
