<?php

declare(strict_types=1);

namespace Kontrast\Vision;

/** A blade that turns, from each distance at which a scene is shown. */
final readonly class TurningBlade
{
    /**
     * @param list<list<Shown>> $turns           at each distance a color for each angle of a flash
     * @param list<Shown>       $means           where it turns too fast to be followed
     * @param list<bool>        $visibleToPerson its flash
     * @param list<bool>        $visibleToBass   its flash
     */
    public function __construct(
        public string $id,
        public array $turns,
        public array $means,
        public array $visibleToPerson,
        public array $visibleToBass,
    ) {
    }
}
