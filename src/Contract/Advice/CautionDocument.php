<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Caution;
use OpenApi\Attributes as OA;

/** A warning that applies today, and where it belongs. */
#[OA\Schema(schema: 'Caution', additionalProperties: false, required: ['id', 'text', 'place'])]
final readonly class CautionDocument
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
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
