<?php

declare(strict_types=1);

namespace Kontrast\Lure;

use Kontrast\Measure\Weight;

/**
 * The head with its moulded hook; the hook is null where it is the one heads of its weight usually carry, the belly where it is painted
 * in one colour.
 */
final readonly class Head
{
    public function __construct(
        public Weight $weight,
        public WeightRange $range,
        public Colour $colour,
        public HeadMaterial $material = HeadMaterial::Lead,
        public ?HookSize $hook = null,
        public ?Colour $belly = null,
        public bool $eye = false,
        public HeadForm $form = HeadForm::Ball,
        public Keeper $keeper = Keeper::Barb,
    ) {
    }

    /** The same in another weight, with the hook that heads of it usually carry. */
    public function weighing(Weight $weight): self
    {
        return new self(
            $weight,
            $this->range,
            $this->colour,
            $this->material,
            null,
            $this->belly,
            $this->eye,
            $this->form,
            $this->keeper,
        );
    }
}
