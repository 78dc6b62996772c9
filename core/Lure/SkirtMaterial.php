<?php

declare(strict_types=1);

namespace Kontrast\Lure;

/** What skirt strands are cut from. */
enum SkirtMaterial: string
{
    use HasLabel;

    case Silicone = 'silicone';
    case LivingRubber = 'living_rubber';
}
