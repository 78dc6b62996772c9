<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use Kontrast\Scoring\Swap;
use Kontrast\Scoring\SwapKind;
use OpenApi\Attributes as OA;

/** One change to a build, and what it gains. */
#[OA\Schema(schema: 'Swap', additionalProperties: false, required: ['kind', 'slot', 'part_id', 'what', 'gain', 'parts'])]
final readonly class SwapDocument
{
    public function __construct(
        #[OA\Property(type: 'string', enum: SwapKind::class)]
        public SwapKind $kind,
        #[OA\Property(enum: ['head', 'front', 'rear', 'skirt', 'trailer', 'hook'])]
        public string $slot,
        #[OA\Property(nullable: true)]
        public ?string $part_id,
        #[OA\Property]
        public string $what,
        #[OA\Property(description: 'In points out of 100.')]
        public float $gain,
        #[OA\Property(ref: CompositionDocument::class)]
        public CompositionDocument $parts,
    ) {
    }

    /** @param array<string, InventoryPartDocument> $owned */
    public static function of(Swap $swap, int $most, array $owned): self
    {
        return new self(
            $swap->kind,
            $swap->slot,
            $swap->partId,
            $swap->what,
            BenchDocument::score($swap->gain, $most),
            CompositionDocument::of($swap->build, $owned),
        );
    }
}
