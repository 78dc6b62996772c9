<?php

declare(strict_types=1);

namespace Tests\core;

use Kontrast\Material\CachingFitter;
use Kontrast\Material\ReflectanceFitter;
use Kontrast\Material\SigmoidFitter;
use Kontrast\Vision\Viewing;
use Kontrast\Water\Scene;

/** One fitter for all tests of a run, since the same few colors come again and again. */
final class Fits
{
    private static ?CachingFitter $shared = null;

    public static function shared(): ReflectanceFitter
    {
        return self::$shared ??= new CachingFitter(new SigmoidFitter());
    }

    public static function viewing(Scene $scene): Viewing
    {
        return Viewing::in($scene, self::shared());
    }
}
