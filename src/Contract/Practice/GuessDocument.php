<?php

declare(strict_types=1);

namespace App\Contract\Practice;

use App\Contract\Reading\ReadingDocument;
use OpenApi\Attributes as OA;

/** A water in which a stick goes out of sight: how far does one see? */
#[OA\Schema(schema: 'Guess', additionalProperties: false)]
final readonly class GuessDocument
{
    public function __construct(public string $id, public ReadingDocument $reading, public WaterColumnDocument $column)
    {
    }
}
