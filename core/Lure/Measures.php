<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Length;

/** The lengths a build comes out at, enough to draw it to scale. */
final readonly class Measures
{
    /**
     * @param list<array{shape: BladeShape, length: Length, width: Length}> $blades in the order of the build's blades
     * @param Length|null                                $wireToHead from the line bend of the wire to the head; null without a wire
     * @param Length|null                                $wireToBlade from the line bend to the loop of the rear blade
     * @param Length|null                                $skirt     from the collar to the strands' ends
     * @param Length                                     $overall   from the nose of the head to the last of skirt, trailer and hooks
     */
    public function __construct(
        public Length $headLength,
        public Length $headHeight,
        public HookSize $hook,
        public Length $hookShank,
        public Length $hookGap,
        public array $blades,
        public ?Length $wireToHead,
        public ?Length $wireToBlade,
        public ?Length $skirt,
        public ?Length $trailer,
        public ?Length $trailerHook,
        public Length $overall,
    ) {
    }
}
