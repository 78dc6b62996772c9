<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Caution;
use OpenApi\Attributes as OA;

/** A warning that applies today, and where it belongs. */
#[OA\Schema(schema: 'Caution', additionalProperties: false)]
final readonly class CautionDocument
{
    public function __construct(
        public string $id,
        public string $text,
        #[OA\Property(enum: ['reading', 'head', 'blades', 'trailer_hook', 'advice'])]
        public string $place,
    ) {
    }

    public static function of(Caution $caution): self
    {
        return new self($caution->id, $caution->text, $caution->place);
    }
}
