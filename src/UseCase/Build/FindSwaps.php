<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Error\InvalidDocument;
use App\Contract\Scoring\BenchRequestDocument;
use App\Contract\Scoring\SwapDocument;
use App\UseCase\Inventory\Stock;
use Kontrast\Scoring\Swap;
use Kontrast\Scoring\Swaps;

/** Finds the single changes to a build that gain something. */
final readonly class FindSwaps
{
    public function __construct(private Stock $stock, private Scoring $scoring)
    {
    }

    /**
     * @return list<SwapDocument> the most gain first
     *
     * @throws InvalidDocument
     */
    public function find(BenchRequestDocument $request): array
    {
        [$inventory, $owned] = $this->stock->judged();
        $scorer = $this->scoring->scorerFor($request->reading);
        $build = $request->build->toComposition();
        $most = $scorer->measure($build)->most();

        return array_map(
            static fn (Swap $swap): SwapDocument => SwapDocument::of($swap, $most, $owned),
            (new Swaps($inventory, $scorer))->find($build),
        );
    }
}
