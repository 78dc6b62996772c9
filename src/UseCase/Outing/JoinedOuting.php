<?php

declare(strict_types=1);

namespace App\UseCase\Outing;

use App\Contract\Outing\OutingConflictDocument;

/** Two versions of an outing as one. */
final readonly class JoinedOuting
{
    /**
     * @param array<string, mixed>         $outing    an outing document
     * @param list<OutingConflictDocument> $conflicts what both have changed and nobody has answered: there it is as it is stored
     * @param bool                         $isNews    whether it differs from what is stored
     */
    public function __construct(public array $outing, public array $conflicts, public bool $isNews)
    {
    }
}
