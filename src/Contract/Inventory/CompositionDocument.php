<?php

declare(strict_types=1);

namespace App\Contract\Inventory;

use App\Contract\Reader\Sparse;
use Kontrast\Inventory\Composition;
use Kontrast\Inventory\PartKind;
use Kontrast\Lure\LureKind;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A lure put together of parts, owned or not; a single blade is the rear one. */
#[OA\Schema(schema: 'Composition', additionalProperties: false)]
final readonly class CompositionDocument implements Sparse
{
    private const KINDS = [
        'head' => PartKind::Head,
        'front' => PartKind::Blade,
        'rear' => PartKind::Blade,
        'skirt' => PartKind::Skirt,
        'trailer' => PartKind::Trailer,
        'hook' => PartKind::Hook,
    ];

    public function __construct(
        public LureKind $lure,
        #[Assert\Valid]
        public InventoryPartDocument $head,
        #[Assert\Valid]
        public ?InventoryPartDocument $front = null,
        #[Assert\Valid]
        public ?InventoryPartDocument $rear = null,
        #[Assert\Valid]
        public ?InventoryPartDocument $skirt = null,
        #[Assert\Valid]
        public ?InventoryPartDocument $trailer = null,
        #[Assert\Valid]
        public ?InventoryPartDocument $hook = null,
    ) {
    }

    #[Assert\Callback]
    public function hasEveryPartInItsPlace(ExecutionContextInterface $context): void
    {
        foreach (self::KINDS as $slot => $kind) {
            $part = $this->{$slot};
            if ($part instanceof InventoryPartDocument && $part->kind !== $kind) {
                $context->buildViolation("A {$part->kind->value} cannot be used as a {$kind->value}.")
                    ->atPath("$slot.kind")->setCode('wrong_kind')->addViolation();
            }
        }
        if (null !== $this->front && null === $this->rear) {
            $context->buildViolation('A single blade is the rear one.')->atPath('front')->setCode('front_alone')->addViolation();
        }
    }

    /** @return list<InventoryPartDocument> */
    public function parts(): array
    {
        return array_values(array_filter([$this->head, $this->front, $this->rear, $this->skirt, $this->trailer, $this->hook]));
    }

    public function toComposition(): Composition
    {
        return new Composition(
            $this->lure,
            PartMapper::head($this->head),
            null === $this->front ? null : PartMapper::blade($this->front),
            null === $this->rear ? null : PartMapper::blade($this->rear),
            null === $this->skirt ? null : PartMapper::skirt($this->skirt),
            null === $this->trailer ? null : PartMapper::trailer($this->trailer),
            null === $this->hook ? null : PartMapper::hook($this->hook),
        );
    }

    /** @param array<string, InventoryPartDocument> $owned the documents of the bin, by id */
    public static function of(Composition $build, array $owned = []): self
    {
        return new self(
            lure: $build->kind,
            head: PartMapper::document($build->head, $owned),
            front: null === $build->front ? null : PartMapper::document($build->front, $owned),
            rear: null === $build->rear ? null : PartMapper::document($build->rear, $owned),
            skirt: null === $build->skirt ? null : PartMapper::document($build->skirt, $owned),
            trailer: null === $build->trailer ? null : PartMapper::document($build->trailer, $owned),
            hook: null === $build->hook ? null : PartMapper::document($build->hook, $owned),
        );
    }
}
