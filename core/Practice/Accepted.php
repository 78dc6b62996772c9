<?php

declare(strict_types=1);

namespace Kontrast\Practice;

use Kontrast\Reading\School;

/** What a pick may come to and be right, and who says so beside the program. */
final readonly class Accepted
{
    /**
     * @param string       $look     as LookedAt tells it
     * @param list<School> $schools  that would tie it; none where the program does
     * @param bool         $isTossUp whether it is the other side of a toss-up
     */
    public function __construct(public string $look, public array $schools = [], public bool $isTossUp = false)
    {
    }
}
