<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Lure\Colour;
use Kontrast\Lure\Opacity;
use Kontrast\Material\BuildOptics;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Measure\Length;
use Kontrast\Reading\Reading;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\WaterSolver;

/** How each colour word holds up as the lure goes deeper in one water: the test of the claim that one colour alone keeps its own (W9). */
final readonly class ColoursOverDepth
{
    private const STEPS = 24;
    /** As deep as anything can be made out from above. (Chosen.) */
    private const REACH = 1.0;

    /**
     * @param list<Length>                                                                           $depths
     * @param list<float>                                                                            $lux      a depth each
     * @param list<array{colour: Colour, jnd: list<float>, chroma: list<float>, contrast: list<float>}> $colours
     */
    private function __construct(public array $depths, public array $lux, public array $colours)
    {
    }

    public static function in(Reading $reading, Direction $from, ReflectanceFitter $reflectances): self
    {
        $water = WaterSolver::solve($reading);
        $depths = array_map(
            static fn (int $i): Length => $reading->visibility->times(self::REACH * $i / self::STEPS),
            range(1, self::STEPS),
        );
        $viewings = array_map(static fn (Length $depth): Viewing => Viewing::in(Scene::at($water, $depth, $from), $reflectances), $depths);
        $colours = [];
        foreach (Colour::cases() as $colour) {
            $part = BuildOptics::coloured($colour->value, $colour, Opacity::Opaque);
            $jnd = [];
            $chroma = [];
            $contrast = [];
            foreach ($viewings as $viewing) {
                $reduced = ReducedPart::of($part, $viewing);
                $colourApart = $viewing->colour ? ReceptorNoise::colour($reduced->colour, log($viewing->green / $viewing->red)) : 0.0;
                $jnd[] = hypot($colourApart, ReceptorNoise::tone($reduced->tone, log($viewing->tone)));
                $chroma[] = $colourApart;
                $contrast[] = $reduced->againstWater();
            }
            $colours[] = ['colour' => $colour, 'jnd' => $jnd, 'chroma' => $chroma, 'contrast' => $contrast];
        }

        return new self($depths, array_map(static fn (Viewing $viewing): float => $viewing->scene->light->lux(), $viewings), $colours);
    }
}
