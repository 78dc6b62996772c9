<?php

declare(strict_types=1);

namespace App\Contract\Trip;

use App\Contract\Advice\ChangeDocument;
use Kontrast\Lure\LureKind;
use Kontrast\Reading\Sky;
use Kontrast\Trip\ClarityTurn;
use OpenApi\Attributes as OA;

/** A visibility at which a pick changes as the water clears. */
#[OA\Schema(schema: 'ClarityTurn', additionalProperties: false)]
final readonly class ClarityTurnDocument
{
    public function __construct(
        #[OA\Property(description: 'Inches.')]
        public float $at_in,
        public LureKind $lure,
        public Sky $sky,
        public ChangeDocument $change,
    ) {
    }

    public static function of(ClarityTurn $turn): self
    {
        return new self(round($turn->at->inInches(), 1), $turn->lure, $turn->sky, ChangeDocument::of($turn->change));
    }
}
