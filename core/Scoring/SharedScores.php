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
    /** @var array<string, \WeakMap<object, array{list<object|null>, list<int>}>> by what decides them, then by skirt: trailers and points */
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

    /** @return \WeakMap<object, array{list<object|null>, list<int>}> */
    public function pairs(string $key): \WeakMap
    {
        if (!isset($this->pairs[$key])) {
            /** @var \WeakMap<object, array{list<object|null>, list<int>}> $none */
            $none = new \WeakMap();
            $this->pairs[$key] = $none;
        }

        return $this->pairs[$key];
    }
}
