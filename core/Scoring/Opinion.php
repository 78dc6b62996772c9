<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/** What the model says of one advised pick and of the next two. It is a second opinion and never the judge. */
final readonly class Opinion
{
    /** @param non-empty-list<Candidate> $candidates the advised one first */
    public function __construct(public string $pick, public array $candidates, public Verdict $verdict, public string $because)
    {
    }
}
