<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Fluorescence;
use Kontrast\Material\Lab;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Material\Relief;
use Kontrast\Measure\Length;
use Kontrast\Water\Spectrum;

/** A part followed out over distance, one value each: its contrasts for a plot, and its colors for a picture. */
final readonly class PartCurve
{
    /**
     * @param list<Shown> $shown
     * @param array{list<Shown>, list<Shown>, list<Shown>}           $tones on top, in the middle, underneath
     * @param list<Lab>                                              $labs  as a person sees it
     * @param list<bool>                                             $visibleToPerson
     * @param list<bool>                                             $visibleToBass
     * @param list<float>                                            $contrast
     * @param list<float>|null                                       $flashContrast
     * @param list<Shown>|null                                       $turn  without water between, at the angles of a flash
     */
    private function __construct(
        public ReducedPart $part,
        public array $shown,
        public array $tones,
        public array $labs,
        public array $visibleToPerson,
        public array $visibleToBass,
        public array $contrast,
        public ?array $flashContrast,
        public ?array $turn,
        public ?Flash $flash,
    ) {
    }

    /**
     * @param list<Length> $distances
     * @param list<Path>   $paths     of these distances
     */
    public static function of(OpticalPart $part, Viewing $viewing, Eyes $eyes, array $distances, array $paths): self
    {
        $reduced = ReducedPart::of($part, $viewing);
        $radiance = Radiance::of($part, $viewing->scene, $viewing->reflectances);
        // Dyes that glow are what a common screen cannot show.
        $glows = Fluorescence::None !== $part->fluorescence;
        $follow = static fn (Spectrum $light): array => array_map(
            static fn (Path $path): Shown => $eyes->through($path, $light, $glows),
            $paths,
        );
        $contrast = static fn (Detection $detection): array => array_map(
            static fn (Length $distance): float => $detection->contrast($distance->inMetres()),
            $distances,
        );
        $steady = $contrast($reduced->steady);
        $shown = $follow($radiance->steady);
        [$top, $middle, $under] = Relief::of($part, $radiance, $viewing->scene);

        return new self(
            $reduced,
            $shown,
            [$follow($top), $middle === $radiance->steady ? $shown : $follow($middle), $follow($under)],
            array_map(static fn (Shown $one): Lab => $one->person->toLab(), $shown),
            array_map(static fn (Shown $one): bool => $eyes->isSeen($one->person), $shown),
            array_map(static fn (float $contrast): bool => abs($contrast) >= BassEye::THRESHOLD, $steady),
            $steady,
            null === $reduced->glint ? null : $contrast($reduced->glint),
            null === $radiance->glint ? null : array_map($eyes->see(...), Flash::lights($radiance)),
            Flash::of($reduced),
        );
    }
}
