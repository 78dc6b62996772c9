<?php

declare(strict_types=1);

namespace App\Contract\Look;

use App\Contract\Constraint\Between;
use App\Contract\Constraint\Hex;
use App\Contract\Constraint\PartId;
use App\Contract\Error\Fault;
use Kontrast\Material\Fluorescence;
use Kontrast\Material\Metal;
use Kontrast\Material\OpticalPart;
use Kontrast\Material\PartPlace;
use Kontrast\Material\Srgb;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A part to be looked at: plastic, strand or paint of a colour, or bare metal. */
#[OA\Schema(schema: 'LookPart', additionalProperties: false)]
final readonly class LookPartDocument
{
    public function __construct(
        #[PartId]
        public string $id,
        public LookPartKind $kind,
        #[OA\Property(description: 'Color in the hand; needed for matte parts.')]
        #[Hex]
        public ?string $hex = null,
        #[OA\Property(description: 'Needed for metal parts.')]
        public ?Metal $metal = null,
        public Fluorescence $fluorescent = Fluorescence::None,
        #[Between(0, 1, 'Opacity')]
        public float $opacity = 1.0,
        #[OA\Property(description: 'Where it is on a lure.')]
        public ?PartPlace $place = null,
        #[OA\Property(description: '0 for the base color, 1 and on for accents.')]
        #[Between(0, 20, 'A layer')]
        public int $layer = 0,
    ) {
    }

    #[Assert\Callback]
    public function isWhole(ExecutionContextInterface $context): void
    {
        if (LookPartKind::Matte === $this->kind && null === $this->hex) {
            $context->buildViolation('A matte part needs its color, as #rrggbb.')->atPath('hex')->setCode(Fault::MISSING)->addViolation();
        }
        if (LookPartKind::Metal === $this->kind && null === $this->metal) {
            $context->buildViolation(
                'A metal part needs its metal: '.implode(
                    ', ',
                    array_map(static fn (Metal $metal): string => $metal->value, Metal::cases()),
                ).'.',
            )
                ->atPath('metal')->setCode(Fault::MISSING)->addViolation();
        }
    }

    public function toPart(): OpticalPart
    {
        $part = LookPartKind::Metal === $this->kind
            ? OpticalPart::metal($this->id, $this->metal ?? throw new \LogicException('Checked before.'))
            : OpticalPart::matte(
                $this->id,
                Srgb::hex($this->hex ?? throw new \LogicException('Checked before.')),
                $this->fluorescent,
                $this->opacity,
            );

        return null === $this->place ? $part : $part->at($this->place, $this->layer);
    }

    public static function of(OpticalPart $part): self
    {
        return new self(
            id: $part->id,
            kind: null === $part->metal ? LookPartKind::Matte : LookPartKind::Metal,
            hex: $part->inTheHand->toHex(),
            metal: $part->metal,
            fluorescent: $part->fluorescence,
            opacity: $part->opacity,
            place: $part->place,
            layer: $part->layer,
        );
    }
}
