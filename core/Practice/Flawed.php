<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Lure\Build;
use Kontrast\Reading\Reading;

/** A lure, a box and a day on the water, in which one thing is wrong. */
final readonly class Flawed
{
    /**
     * @param bool $inJacket     whether who goes out wears a life jacket
     * @param bool $isBoxMixed   whether stretchy plastic lies among other soft plastic
     */
    public function __construct(
        public string $id,
        public Mistake $mistake,
        public Reading $reading,
        public Build $build,
        public bool $inJacket = true,
        public bool $isBoxMixed = false,
    ) {
    }

    /** @return list<Spot> what there is to point at */
    public function spots(): array
    {
        return array_values(array_filter(Spot::cases(), fn (Spot $spot): bool => match ($spot) {
            Spot::Blade => [] !== $this->build->blades,
            Spot::Skirt => null !== $this->build->skirt,
            Spot::Trailer => null !== $this->build->trailer,
            Spot::TrailerHook => true === $this->build->trailerHook?->fit,
            Spot::Head, Spot::Box, Spot::Aboard => true,
        }));
    }
}
