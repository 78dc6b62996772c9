<?php

declare(strict_types=1);

namespace App\UseCase\Build;

use App\Contract\Error\InvalidDocument;
use App\Contract\Scoring\BenchDocument;
use App\Contract\Scoring\BenchRequestDocument;

/** Judges a build for a reading: against the water, against itself, and against the advice. */
final readonly class JudgeBuild
{
    public function __construct(private Scoring $scoring)
    {
    }

    /** @throws InvalidDocument */
    public function judge(BenchRequestDocument $request): BenchDocument
    {
        return BenchDocument::of($request->build->toComposition(), $this->scoring->scorerFor($request->reading), $request->from);
    }
}
