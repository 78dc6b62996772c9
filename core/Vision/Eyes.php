<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\Lab;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Material\Srgb;
use Kontrast\Measure\Length;
use Kontrast\Water\Direction;
use Kontrast\Water\Spectrum;

/** All that look at one scene: a diver, a camera that corrects nothing, and a bass, who is shown brighter as well. */
final readonly class Eyes
{
    /** Nearer to the water than this a part is gone to a person, as it is shown: CIEDE2000. (Chosen.) */
    private const GONE = 2.0;

    /**
     * @param float $stops by how much the bass's pictures are brighter, of two each
     * @param Lab   $water behind, as a person sees it
     */
    private function __construct(
        public PersonEye $person,
        public PersonEye $camera,
        public Screen $bass,
        public Screen $bassExposed,
        public float $stops,
        private Lab $water,
    ) {
    }

    /** @param list<OpticalPart> $parts what the pictures are exposed for */
    public static function in(Viewing $viewing, array $parts): self
    {
        $scene = $viewing->scene;
        $screen = Screen::for($viewing);
        $lights = array_map(static fn (OpticalPart $part): Spectrum => Radiance::of($part, $scene, $viewing->reflectances)->steady, $parts);
        // Against the sky everything is a silhouette, and is shown as one.
        $stops = Direction::Below === $scene->from ? 0.0 : $screen->stopsFor([$scene->background, ...$lights]);
        $person = PersonEye::in($scene);

        return new self(
            $person,
            PersonEye::camera($scene),
            $screen,
            $screen->brighter($stops),
            $stops,
            $person->see($scene->background)->toLab(),
        );
    }

    /** Whether a person sees a light before the water: as they are shown, it is not too near to it. */
    public function isSeen(Srgb $shown): bool
    {
        return Ciede2000::between($shown->toLab(), $this->water) >= self::GONE;
    }

    /** A light as it is, without water between. */
    public function see(Spectrum $light): Shown
    {
        return new Shown(
            $this->person->see($light),
            $this->camera->see($light),
            $this->bass->bass($light),
            $this->bassExposed->bass($light),
        );
    }

    /** @param bool $isWide whether screens are told apart by what they can show */
    public function through(Path $path, Spectrum $light, bool $isWide = false): Shown
    {
        [$colour, $catches] = $path->take($light);

        return new Shown(
            $this->person->show($colour),
            $this->camera->show($colour),
            $this->bass->show(...$catches),
            $this->bassExposed->show(...$catches),
            $isWide ? $this->person->showWide($colour) : null,
        );
    }

    /**
     * @param list<Length> $distances
     *
     * @return list<Path>
     */
    public static function paths(Viewing $viewing, array $distances): array
    {
        return array_map(static fn (Length $distance): Path => Path::over($distance, $viewing), $distances);
    }
}
