<?php

declare(strict_types=1);

namespace App\UseCase\Advice;

use App\Contract\Advice\BuildDocument;
use App\Contract\Advice\ChangeDocument;
use App\Contract\Advice\SomethingDifferentDocument;
use App\Contract\Reading\CurrentReadingDocument;
use App\Persistence\LogbookCounts;
use Kontrast\Logbook\SomethingDifferent;
use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\SchoolQuestion;

/** The good build nearest to the advice that the log does not know from this water. */
final readonly class ShowSomethingDifferent
{
    public function __construct(private CurrentRules $rules, private LogbookCounts $counts)
    {
    }

    public function find(CurrentReadingDocument $here): SomethingDifferentDocument
    {
        $engine = $this->rules->engine();
        $usual = $engine->decide($this->rules->settle($here->reading));
        $fished = $this->counts->looksIn($here->water_id);
        $other = SomethingDifferent::find($engine, $usual, $fished);

        return new SomethingDifferentDocument(
            null === $other ? null : BuildDocument::of($other->build->build()),
            array_map(static fn (Change $change): ChangeDocument => ChangeDocument::of($change), $other->changes ?? []),
            null === $other?->school ? null : SchoolQuestion::of($other->school),
            null === $other?->school ? null : $other->school->value,
            \count($fished),
        );
    }
}
