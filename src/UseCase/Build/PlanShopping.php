<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Inventory\PartMapper;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Scoring\ShoppingDocument;
use App\Contract\Scoring\ShoppingItemDocument;
use App\Contract\Scoring\ShoppingRequestDocument;
use App\Format\ShoppingList;
use App\UseCase\Inventory\Stock;
use Kontrast\Scoring\BuildScorer;
use Kontrast\Scoring\ShoppingPlan;

/** What to buy so that the advised lure of each of some readings can be built. */
final readonly class PlanShopping
{
    public function __construct(private Stock $stock, private Scoring $scoring)
    {
    }

    public function plan(ShoppingRequestDocument $request): ShoppingDocument
    {
        [$inventory] = $this->stock->judged();
        $scorers = array_map(
            fn (ReadingDocument $reading): BuildScorer => $this->scoring->scorerFor($reading),
            $request->readings,
        );
        $items = array_map(
            static fn (array $item): ShoppingItemDocument => new ShoppingItemDocument(
                PartMapper::document($item['part']),
                $item['readings'],
            ),
            ShoppingPlan::plan($scorers, $inventory),
        );

        return new ShoppingDocument($items, ShoppingList::ofParts(array_column($items, 'part')));
    }
}
