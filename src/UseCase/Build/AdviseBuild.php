<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Error\InvalidDocument;
use App\Contract\Inventory\CompositionDocument;
use App\Contract\Reading\ReadingDocument;
use App\Contract\Scoring\AdvisedBuildDocument;
use App\UseCase\Inventory\Stock;
use Kontrast\Inventory\GenericParts;
use Kontrast\Scoring\AdvisedBuild;

/** The advised build for a reading, of owned parts where they do, else of generic ones, which have no id. */
final readonly class AdviseBuild
{
    public function __construct(private Stock $stock, private Scoring $scoring)
    {
    }

    /** @throws InvalidDocument */
    public function advise(ReadingDocument $reading): AdvisedBuildDocument
    {
        [$inventory, $owned] = $this->stock->judged();
        $scorer = $this->scoring->scorerFor($reading);

        return new AdvisedBuildDocument(
            CompositionDocument::of((new AdvisedBuild($scorer))->make($inventory), $owned),
            CompositionDocument::of(GenericParts::compose($scorer->brief->build)),
        );
    }
}
