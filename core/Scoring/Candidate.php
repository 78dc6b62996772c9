<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

/** One candidate of a second opinion with the figure it is judged by. */
final readonly class Candidate
{
    /**
     * @param float  $figure inches of sight range for a finish, just-noticeable differences at the judging distance for a pairing
     * @param string $reads  how a pair reads; empty for a finish
     */
    public function __construct(public string $value, public float $figure, public string $reads = '')
    {
    }
}
