<?php

declare(strict_types=1);

namespace Kontrast\Material;

/** Turns a color seen in the hand into the reflectance of something that looks like it under D65. */
interface ReflectanceFitter
{
    public function fit(Srgb $colour): SigmoidReflectance;
}
