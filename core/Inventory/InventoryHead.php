<?php

declare(strict_types=1);

namespace Kontrast\Inventory;

use Kontrast\Lure\Arm;
use Kontrast\Lure\Head;
use Kontrast\Lure\HeadForm;
use Kontrast\Lure\HeadMaterial;
use Kontrast\Lure\HookDimensions;
use Kontrast\Lure\HookSize;
use Kontrast\Lure\Keeper;
use Kontrast\Lure\LureKind;
use Kontrast\Lure\WeightRange;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\PartPlace;
use Kontrast\Measure\Weight;

/** A head with its moulded hook, and for a spinnerbait its wire. */
final readonly class InventoryHead implements InventoryPart
{
    /** @param non-empty-list<LureKind> $kinds what it can be made into */
    public function __construct(
        public string $id,
        public string $name,
        public array $kinds,
        public Weight $weight,
        public PartColour $partColour,
        public HeadMaterial $material,
        public ?HookSize $hook,
        public Arm $arm,
        public ?PartColour $belly = null,
        public bool $eye = false,
        public ?HeadForm $form = null,
        public ?Keeper $keeper = null,
    ) {
    }

    public function id(): string
    {
        return $this->id;
    }

    public function name(): string
    {
        return $this->name;
    }

    public function isFor(LureKind $kind): bool
    {
        return \in_array($kind, $this->kinds, true);
    }

    /** The hook moulded into it: as measured, or as heads of its weight usually carry. */
    public function mouldedHook(): HookSize
    {
        return $this->hook ?? HookDimensions::forHead($this->weight);
    }

    /** @return non-empty-list<OpticalPart> the head, and its belly where it has one of its own */
    public function parts(): array
    {
        return [
            $this->partColour->part('head')->at(PartPlace::Head),
            ...(null === $this->belly ? [] : [$this->belly->part('head.belly')->at(PartPlace::HeadBelly)]),
        ];
    }

    public function inWords(): Head
    {
        $ounces = $this->weight->inOunces();

        return new Head(
            $this->weight,
            WeightRange::ounces($ounces, $ounces),
            NearestColour::nearest($this->partColour->colour),
            $this->material,
            $this->hook,
            null === $this->belly ? null : NearestColour::nearest($this->belly->colour),
            $this->eye,
            $this->form ?? HeadForm::Ball,
            $this->keeper ?? Keeper::Barb,
        );
    }
}
