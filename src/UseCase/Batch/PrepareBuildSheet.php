<?php

declare(strict_types=1);

namespace App\UseCase\Batch;

use App\Contract\BuildSheet\BuildSheetDocument;
use App\Contract\BuildSheet\BuildSheetRequestDocument;
use App\UseCase\Advice\CurrentRules;
use App\UseCase\Inventory\Stock;
use App\UseCase\StandingChoices;

/** Tells how a build is put together, and what it comes to. */
final readonly class PrepareBuildSheet
{
    public function __construct(private CurrentRules $rules, private Stock $stock, private StandingChoices $settings)
    {
    }

    public function prepare(BuildSheetRequestDocument $request): BuildSheetDocument
    {
        $build = $request->build->toComposition();
        $brief = null === $request->reading ? null : $this->rules->adviser()->brief($this->rules->settle($request->reading));

        return BuildSheetDocument::of($build, $brief, $this->settings->now(), PartCosts::sum($request->build, $this->stock->byId()));
    }
}
