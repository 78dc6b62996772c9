<?php

declare(strict_types=1);

namespace App\Api\Document;

use Kontrast\Material\Fluorescence;
use Kontrast\Material\Metal;
use Kontrast\Material\Part;
use Kontrast\Material\Srgb;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A part to be looked at: plastic, strand or paint of a colour, or bare metal. */
#[OA\Schema(schema: 'LookPart', additionalProperties: false, required: ['id', 'kind'])]
final class PartDocument
{
    #[OA\Property(minLength: 1, maxLength: 80)]
    #[Assert\Length(min: 1, max: 80, minMessage: 'A part needs an id.', maxMessage: 'An id has at most 80 characters.')]
    public string $id;

    #[OA\Property(type: 'string', enum: PartKind::class)]
    public PartKind $kind;

    #[OA\Property(nullable: true, pattern: '^#[0-9a-fA-F]{6}$', description: 'Colour in the hand; needed for matte parts.')]
    #[Assert\Regex('/^#[0-9a-f]{6}$/iD', message: '{{ value }} is no colour. Write it as #rrggbb, six hexadecimal digits.')]
    public ?string $hex = null;

    #[OA\Property(type: 'string', enum: Metal::class, nullable: true, description: 'Needed for metal parts.')]
    public ?Metal $metal = null;

    #[OA\Property(type: 'string', enum: Fluorescence::class)]
    public Fluorescence $fluorescent = Fluorescence::None;

    #[OA\Property(minimum: 0, maximum: 1)]
    #[Assert\Range(min: 0, max: 1, notInRangeMessage: '{{ value }} is not allowed here. Opacity runs from 0 to 1.')]
    public float $opacity = 1.0;

    #[Assert\Callback]
    public function isWhole(ExecutionContextInterface $context): void
    {
        if (!isset($this->kind)) {
            return;
        }
        if (PartKind::Matte === $this->kind && null === $this->hex) {
            $context->buildViolation('A matte part needs its colour, as #rrggbb.')->atPath('hex')->addViolation();
        }
        if (PartKind::Metal === $this->kind && null === $this->metal) {
            $context->buildViolation('A metal part needs its metal: silver, gold, copper.')->atPath('metal')->addViolation();
        }
    }

    public function toPart(): Part
    {
        return PartKind::Metal === $this->kind
            ? Part::metal($this->id, $this->metal ?? throw new \LogicException('Checked before.'))
            : Part::matte($this->id, Srgb::hex($this->hex ?? throw new \LogicException('Checked before.')), $this->fluorescent, $this->opacity);
    }

    public static function of(Part $part): self
    {
        $document = new self();
        $document->id = $part->id;
        $document->kind = null === $part->metal ? PartKind::Matte : PartKind::Metal;
        $document->hex = $part->inTheHand->toHex();
        $document->metal = $part->metal;
        $document->fluorescent = $part->fluorescence;
        $document->opacity = $part->opacity;

        return $document;
    }
}
