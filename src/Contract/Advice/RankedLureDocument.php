<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Lure\LureKind;
use Kontrast\Rulebook\RankedLure;
use OpenApi\Attributes as OA;

/** One kind of lure beside the others in this water. */
#[OA\Schema(schema: 'RankedLure', additionalProperties: false)]
final readonly class RankedLureDocument
{
    /** @param list<string> $facts */
    public function __construct(
        public LureKind $lure,
        #[OA\Property(minimum: 0, maximum: 100, description: 'The best kind has 100.')]
        public float $worth,
        public string $because,
        public array $facts,
    ) {
    }

    public static function of(RankedLure $ranked): self
    {
        return new self($ranked->kind, round($ranked->worth, 1), $ranked->because, $ranked->facts);
    }
}
