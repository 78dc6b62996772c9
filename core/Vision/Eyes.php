<?php

declare(strict_types=1);

namespace Kontrast\Vision;

use Kontrast\Material\OpticalPart;
use Kontrast\Material\Radiance;
use Kontrast\Measure\Length;
use Kontrast\Water\Direction;
use Kontrast\Water\Spectrum;

/** All that look at one scene: a diver, a camera that corrects nothing, and a bass, who is shown brighter as well. */
final readonly class Eyes
{
    /**
     * @param float $stops by how much the bass's pictures are brighter, of two each
     */
    private function __construct(
        public PersonEye $person,
        public PersonEye $camera,
        public Screen $bass,
        public Screen $bassExposed,
        public float $stops,
    ) {
    }

    /** @param list<OpticalPart> $parts what the pictures are exposed for */
    public static function in(Viewing $viewing, array $parts): self
    {
        $scene = $viewing->scene;
        $screen = Screen::for($viewing);
        if (Direction::Below === $scene->from) {
            // Against the sky everything is a silhouette, and is shown as one.
            return new self(PersonEye::in($scene), PersonEye::camera($scene), $screen, $screen, 0.0);
        }
        $lights = array_map(static fn (OpticalPart $part): Spectrum => Radiance::of($part, $scene, $viewing->reflectances)->steady, $parts);
        $stops = $screen->stopsFor([$scene->background, ...$lights]);

        return new self(PersonEye::in($scene), PersonEye::camera($scene), $screen, $screen->brighter($stops), $stops);
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
