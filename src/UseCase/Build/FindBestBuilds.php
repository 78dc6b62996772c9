<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Error\InvalidDocument;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Scoring\BestDocument;
use App\Contract\Scoring\RankedBuildDocument;
use App\UseCase\Inventory\Stock;
use Kontrast\Inventory\Inventory;
use Kontrast\Inventory\InventoryBlade;
use Kontrast\Inventory\InventoryHead;
use Kontrast\Lure\LureKind;
use Kontrast\Scoring\BuildSearch;
use Kontrast\Scoring\RankedBuild;
use Kontrast\Scoring\ScoreExplainer;

/** Finds the best builds of the parts owned. */
final readonly class FindBestBuilds
{
    public function __construct(private Stock $stock, private Scoring $scoring)
    {
    }

    /** @throws InvalidDocument */
    public function find(ReadingDocument $reading): BestDocument
    {
        [$inventory, $owned] = $this->stock->judged();
        $scorer = $this->scoring->scorerFor($reading);
        $explainer = new ScoreExplainer($scorer);
        $search = new BuildSearch($inventory, $scorer);

        return new BestDocument(
            $search->combinations(),
            array_map(
                static fn (RankedBuild $ranked): RankedBuildDocument => RankedBuildDocument::of($ranked, $explainer, $owned),
                $search->best(),
            ),
            self::lacking($inventory, $scorer->reading->lure),
        );
    }

    /** @return list<string> */
    private static function lacking(Inventory $inventory, LureKind $kind): array
    {
        $heads = array_filter($inventory->heads, static fn (InventoryHead $head): bool => $head->isFor($kind));
        $blades = array_filter($inventory->blades, static fn (InventoryBlade $blade): bool => $kind->bladeMount()->takes($blade->shape));

        return array_keys(array_filter([
            'head' => [] === $heads,
            'blade' => $kind->hasBlade() && [] === $blades,
            'skirt' => [] === $inventory->skirts && !$kind->goesWithoutSkirt(),
            'trailer' => [] === $inventory->trailers,
        ]));
    }
}
