<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Measure\Angle;
use Kontrast\Measure\Length;
use Kontrast\Reading\Wind;
use Kontrast\Water\Direction;
use Kontrast\Water\Scene;
use Kontrast\Water\Spectrum;
use Kontrast\Water\WaterAround;

/** What a picture of a scene has beside its parts: the water from top to bottom, how it blurs what is far, and what drifts in it. */
final readonly class WaterPicture
{
    /** Degrees above level of the rows of a picture from the side, and from straight up of the rings of one from below. */
    public const ROWS = [30, 25, 20, 15, 10, 5, 0, -5, -10, -15, -20, -25, -30];
    public const RINGS = [0, 10, 20, 25, 30, 35, 40, 44, 48, 52, 56, 60, 65];

    /** Blur: this share of the distance for each root of a mean free path of scattering, and no more than 3 mm. (Chosen.) */
    private const BLUR = 0.003;
    private const MOST_BLUR_MM = 3.0;
    private const MOST_SPECKS = 150;
    /** How much of a flash is a glow about it: what is scattered on the way, and in the last foot before the eye. (Chosen.) */
    private const GLOW = 0.5;
    private const GLOW_PATH_M = 0.3;

    public function __construct(private Scene $scene, private Wind $wind)
    {
    }

    /** @return list<array{angle: int, light: Spectrum}> from the top of the picture down; from below from its middle outward */
    public function gradient(): array
    {
        $around = new WaterAround($this->scene);
        $isLevel = Direction::Side === $this->scene->from;

        return array_map(fn (int $degrees): array => [
            'angle' => $degrees,
            'light' => $isLevel ? $around->toward(Angle::degrees($degrees)) : $around->surface(Angle::degrees($degrees), $this->wind),
        ], $isLevel ? self::ROWS : self::RINGS);
    }

    /** σ of the blur of what is so far away. */
    public function blur(Length $distance): Length
    {
        $r = $distance->inMetres();

        return Length::millimetres(
            min(self::MOST_BLUR_MM, 1000 * self::BLUR * $r * sqrt($this->scene->water->beamScattering * $r)),
        );
    }

    /** Share of a flash's light that is a glow about it, seen from so far. */
    public function glow(Length $distance): float
    {
        return self::GLOW * (1 - exp(-$this->scene->water->beamScattering * ($distance->inMetres() + self::GLOW_PATH_M)));
    }

    /** How steep the waves of the surface are. */
    public function waves(): Angle
    {
        return WaterAround::slope($this->wind);
    }

    /** How many specks drift in the picture. */
    public function specks(): int
    {
        return (int) round(min(self::MOST_SPECKS, $this->scene->water->particles));
    }
}
