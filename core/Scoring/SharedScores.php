<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Material\ReflectanceFitter;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Scene;

/**
 * What the scorers of many readings have in common, each worked out once: parts in the same scene, colors beside color words, and points
 * of a part under the same votes. A day of two hundred scenarios has some fifteen scenes, and a few dozen opinions of a skirt.
 */
final class SharedScores
{
    public readonly ColourCloseness $closeness;
    /** @var array<string, ViewedParts> by what the scene looks like */
    private array $viewed = [];
    /** @var array<string, \WeakMap<object, int>> by what decides the points, then by part */
    private array $points = [];
    /** @var array<string, PairPoints> by what decides them */
    private array $pairs = [];

    public function __construct()
    {
        $this->closeness = new ColourCloseness();
    }

    public function viewed(Scene $scene, ReflectanceFitter $reflectances): ViewedParts
    {
        $key = hash('xxh128', serialize([$scene->background->samples, $scene->face->samples, $scene->light, $scene->water]));

        return $this->viewed[$key] ??= new ViewedParts($key, Viewing::in($scene, $reflectances));
    }

    /** @return \WeakMap<object, int> */
    public function points(string $key): \WeakMap
    {
        if (!isset($this->points[$key])) {
            /** @var \WeakMap<object, int> $none */
            $none = new \WeakMap();
            $this->points[$key] = $none;
        }

        return $this->points[$key];
    }

    public function pairs(string $key): PairPoints
    {
        return $this->pairs[$key] ??= new PairPoints();
    }
}
