<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Inventory\InventoryPartDocument;
use App\Contract\Inventory\PartMapper;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Inventory\InventorySkirt;
use Kontrast\Inventory\InventoryTrailer;
use Kontrast\Lure\LureKind;
use Kontrast\Practice\Choices;
use OpenApi\Attributes as OA;

/** The parts laid out for one kind of lure, and what every choice of them is worth. */
#[OA\Schema(schema: 'Choices', additionalProperties: false)]
final readonly class ChoicesDocument
{
    /**
     * @param list<InventoryPartDocument>      $heads
     * @param list<BladesDocument>             $blades
     * @param list<InventoryPartDocument|null> $skirts
     * @param list<InventoryPartDocument|null> $trailers
     * @param list<int>                        $totals
     * @param list<int>                        $answer
     * @param list<AcceptedDocument>           $accepted
     */
    public function __construct(
        public LureKind $lure,
        #[OA\Property(minimum: 0, maximum: 100, description: 'What the kind is worth in this water, of 100.')]
        public float $fits,
        public array $heads,
        public array $blades,
        public array $skirts,
        public array $trailers,
        public ?InventoryPartDocument $hook,
        #[OA\Property(description: 'What each part is worth beside the others, and could come to.')]
        public WorthDocument $worth,
        #[OA\Property(description: 'Of 100, by head, blade, skirt and trailer, the last of them fastest.')]
        public array $totals,
        #[OA\Property(description: 'In the same order 0 where the pick asked for is wrong, else which of the accepted ones it is, from 1.')]
        public string $right,
        #[OA\Property(minItems: 4, maxItems: 4, description: 'The places of the head, blade, skirt and trailer that the program ties.')]
        public array $answer,
        #[OA\Property(description: 'What is right, the program’s own first; none where nothing is asked of this kind.')]
        public array $accepted,
    ) {
    }

    /** @param array<string, InventoryPartDocument> $owned by id */
    public static function of(Choices $choices, array $owned): self
    {
        $none = static fn (InventorySkirt|InventoryTrailer|null $part): ?InventoryPartDocument => null === $part
            ? null
            : PartMapper::document($part, $owned);

        return new self(
            $choices->kind,
            round($choices->fits, 1),
            array_map(static fn (InventoryHead $head): InventoryPartDocument => PartMapper::document($head, $owned), $choices->heads),
            array_map(static fn (array $pair): BladesDocument => BladesDocument::of($pair, $owned), $choices->blades),
            array_map($none, $choices->skirts),
            array_map($none, $choices->trailers),
            null === $choices->hook ? null : PartMapper::document($choices->hook, $owned),
            new WorthDocument(...$choices->worth, most: new MostDocument(...$choices->most)),
            $choices->totals,
            $choices->right,
            $choices->answer,
            array_map(AcceptedDocument::of(...), $choices->accepted),
        );
    }
}
