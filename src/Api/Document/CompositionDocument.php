<?php

declare(strict_types=1);

namespace App\Api\Document;

use App\Exchange\OwnedParts;
use Kontrast\Bin\Composition;
use Kontrast\Bin\PartKind;
use Kontrast\Reading\LureKind;
use OpenApi\Attributes as OA;
use Symfony\Component\Validator\Constraints as Assert;
use Symfony\Component\Validator\Context\ExecutionContextInterface;

/** A lure put together of parts, owned or not; a single blade is the rear one. */
#[OA\Schema(schema: 'Composition', additionalProperties: false, required: ['lure', 'head'])]
final class CompositionDocument
{
    #[OA\Property(type: 'string', enum: LureKind::class)]
    public LureKind $lure;

    #[OA\Property(ref: OwnedPartDocument::class)]
    #[Assert\Valid]
    public OwnedPartDocument $head;

    #[OA\Property(ref: OwnedPartDocument::class, nullable: true)]
    #[Assert\Valid]
    public ?OwnedPartDocument $front = null;

    #[OA\Property(ref: OwnedPartDocument::class, nullable: true)]
    #[Assert\Valid]
    public ?OwnedPartDocument $rear = null;

    #[OA\Property(ref: OwnedPartDocument::class, nullable: true)]
    #[Assert\Valid]
    public ?OwnedPartDocument $skirt = null;

    #[OA\Property(ref: OwnedPartDocument::class, nullable: true)]
    #[Assert\Valid]
    public ?OwnedPartDocument $trailer = null;

    #[OA\Property(ref: OwnedPartDocument::class, nullable: true)]
    #[Assert\Valid]
    public ?OwnedPartDocument $hook = null;

    private const KINDS = ['head' => PartKind::Head, 'front' => PartKind::Blade, 'rear' => PartKind::Blade, 'skirt' => PartKind::Skirt, 'trailer' => PartKind::Trailer, 'hook' => PartKind::Hook];

    #[Assert\Callback]
    public function hasEveryPartInItsPlace(ExecutionContextInterface $context): void
    {
        foreach (self::KINDS as $slot => $kind) {
            $part = isset($this->{$slot}) ? $this->{$slot} : null;
            if ($part instanceof OwnedPartDocument && isset($part->kind) && $part->kind !== $kind) {
                $context->buildViolation("A {$part->kind->value} is no {$kind->value}.")->atPath("$slot.kind")->addViolation();
            }
        }
        if (null !== $this->front && null === $this->rear) {
            $context->buildViolation('A single blade is the rear one.')->atPath('front')->addViolation();
        }
    }

    public function toComposition(): Composition
    {
        return new Composition(
            $this->lure,
            OwnedParts::head($this->head),
            null === $this->front ? null : OwnedParts::blade($this->front),
            null === $this->rear ? null : OwnedParts::blade($this->rear),
            null === $this->skirt ? null : OwnedParts::skirt($this->skirt),
            null === $this->trailer ? null : OwnedParts::trailer($this->trailer),
            null === $this->hook ? null : OwnedParts::hook($this->hook),
        );
    }

    /** @param array<string, OwnedPartDocument> $owned the documents of the bin, by id */
    public static function of(Composition $build, array $owned = []): self
    {
        $document = new self();
        $document->lure = $build->kind;
        $document->head = OwnedParts::document($build->head, $owned);
        $document->front = null === $build->front ? null : OwnedParts::document($build->front, $owned);
        $document->rear = null === $build->rear ? null : OwnedParts::document($build->rear, $owned);
        $document->skirt = null === $build->skirt ? null : OwnedParts::document($build->skirt, $owned);
        $document->trailer = null === $build->trailer ? null : OwnedParts::document($build->trailer, $owned);
        $document->hook = null === $build->hook ? null : OwnedParts::document($build->hook, $owned);

        return $document;
    }
}
