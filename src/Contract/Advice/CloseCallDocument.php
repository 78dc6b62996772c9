<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\CloseCall;
use Kontrast\Rulebook\Quantity;
use OpenApi\Attributes as OA;

/** A number of the reading so near an edge that measuring it again might turn picks. */
#[OA\Schema(schema: 'CloseCall', additionalProperties: false)]
final readonly class CloseCallDocument
{
    /** @param list<ChangeDocument> $changes */
    public function __construct(
        public Quantity $field,
        public float $number,
        #[OA\Property(description: 'Where the picks change, in the unit of the field.')]
        public float $at,
        #[OA\Property(type: 'string', enum: ['above', 'below'], description: 'On which side of the number.')]
        public string $side,
        #[OA\Property(minimum: 0, maximum: 1, description: 'How close it is: 0 at the change, 1 where it no longer counts as close.')]
        public float $share,
        public array $changes,
    ) {
    }

    public static function of(CloseCall $edge): self
    {
        return new self(
            $edge->quantity,
            round($edge->number, 2),
            round($edge->at, 2),
            $edge->isAbove() ? 'above' : 'below',
            round($edge->share, 3),
            array_map(static fn (Change $change): ChangeDocument => ChangeDocument::of($change), $edge->changes),
        );
    }
}
