<?php

declare(strict_types=1);

namespace App\Contract\BuildSheet;

use Kontrast\BuildSheet\Misfit;
use OpenApi\Attributes as OA;

/** Something of a build that does not go together, and the nearest that does. */
#[OA\Schema(schema: 'Misfit', additionalProperties: false)]
final readonly class MisfitDocument
{
    public function __construct(
        public string $slot,
        public string $text,
        public string $instead,
    ) {
    }

    public static function of(Misfit $misfit): self
    {
        return new self($misfit->slot, $misfit->text, $misfit->instead);
    }
}
