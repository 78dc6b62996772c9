<?php

declare(strict_types=1);

namespace App\Contract\Scoring;

use App\Contract\Inventory\CompositionDocument;
use App\Contract\Inventory\InventoryPartDocument;
use Kontrast\Scoring\Swap;
use Kontrast\Scoring\SwapKind;
use OpenApi\Attributes as OA;

/** One change to a build, and what it gains. */
#[OA\Schema(schema: 'Swap', additionalProperties: false)]
final readonly class SwapDocument
{
    public function __construct(
        public SwapKind $kind,
        #[OA\Property(enum: ['head', 'front', 'rear', 'skirt', 'trailer', 'hook'])]
        public string $slot,
        public ?string $part_id,
        public string $what,
        #[OA\Property(description: 'In points out of 100.')]
        public float $gain,
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
