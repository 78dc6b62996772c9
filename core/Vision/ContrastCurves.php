<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Lab;
use Kontrast\Material\OpticalPart;
use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;

/** Parts and pairs of a scene followed out over distance: contrasts for a plot, and colours for a picture. */
final readonly class ContrastCurves
{
    private const STEPS = 32;
    /** A little past where a white thing is lost. (Chosen.) */
    private const REACH = 1.15;

    /** A person tells two colours apart from this much of CIEDE2000 on. (Chosen: what the unit was made for.) */
    private const PERSON_TELLS = 1.0;

    /**
     * @param list<Length>    $distances
     * @param list<float>     $left      how much of a detail the water leaves at each distance, e^(−c̄·r)
     * @param list<PartCurve> $parts
     * @param list<array{pair: Pair, jnd: list<float>, separateToPerson: list<bool>, separateToBass: list<bool>}> $pairs
     */
    private function __construct(
        public Viewing $viewing,
        public WaterPicture $picture,
        public Eyes $eyes,
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
    public static function of(Viewing $viewing, Reading $reading, array $parts, array $pairs): self
    {
        $scene = $viewing->scene;
        $distances = self::distances($reading);
        $paths = Eyes::paths($viewing, $distances);
        $eyes = Eyes::in($viewing, $parts);
        $curves = [];
        foreach ($parts as $part) {
            $curves[$part->id] = PartCurve::of($part, $viewing, $eyes, $distances, $paths);
        }
        $followed = [];
        foreach ($pairs as [$a, $b]) {
            if (isset($curves[$a], $curves[$b])) {
                $followed[] = self::pair($curves[$a], $curves[$b], $distances);
            }
        }

        return new self(
            $viewing,
            new WaterPicture($scene, $reading->wind),
            $eyes,
            $distances,
            array_map(static fn (Length $distance): float => exp(-$scene->water->beamAttenuation * $distance->inMetres()), $distances),
            array_values($curves),
            $followed,
        );
    }

    /** @return list<Length> at which a part is followed in the water of a reading */
    public static function distances(Reading $reading): array
    {
        return array_map(
            static fn (int $i): Length => $reading->visibility->times(self::REACH * $i / self::STEPS),
            range(0, self::STEPS),
        );
    }

    /**
     * @param list<Length> $distances
     *
     * @return array{pair: Pair, jnd: list<float>, separateToPerson: list<bool>, separateToBass: list<bool>}
     */
    private static function pair(PartCurve $a, PartCurve $b, array $distances): array
    {
        $pair = Pair::of($a->part, $b->part);
        $jnd = array_map($pair->at(...), $distances);

        return [
            'pair' => $pair,
            'jnd' => $jnd,
            'separateToPerson' => array_map(
                static fn (Lab $one, Lab $two): bool => Ciede2000::between($one, $two) >= self::PERSON_TELLS,
                $a->labs,
                $b->labs,
            ),
            'separateToBass' => array_map(static fn (float $steps): bool => Separation::One !== Separation::at($steps), $jnd),
        ];
    }
}
