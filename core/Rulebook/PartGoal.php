<?php

declare(strict_types=1);

namespace Kontrast\Rulebook;

/** What a part should do down there, in terms the model can measure. */
enum PartGoal: string
{
    /** Stand off the water as little as may be, whether lighter or darker. */
    case LeastContrast = 'least_contrast';
    /** Read as one, or no more than tonal, beside a colour of the food. */
    case LikeForage = 'like_forage';
    /** Be made out from as far as this water lets anything be. */
    case FarthestSeen = 'farthest_seen';
    /** Be darker than the water behind it: an outline against the light. */
    case Darkest = 'darkest';
}
