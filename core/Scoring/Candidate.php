<?php

declare(strict_types=1);

namespace Kontrast\Scoring;

use Kontrast\Vision\Band;

/** One candidate of a second opinion with the figure it is judged by. */
final readonly class Candidate
{
    /**
     * @param float  $figure inches of sight range for a finish, just-noticeable differences at the judging distance for a pairing
     * @param Band|null $span  what the sight range of a finish comes to as the chosen constants move
     * @param string $reads  how a pair reads; empty for a finish
     */
    public function __construct(public string $value, public float $figure, public string $reads = '', public ?Band $span = null)
    {
    }
}
