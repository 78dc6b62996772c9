<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Firmness;
use Kontrast\Rulebook\Value;
use OpenApi\Attributes as OA;

/** How far ahead of the next choice a pick is. */
#[OA\Schema(schema: 'Firmness', additionalProperties: false)]
final readonly class FirmnessDocument
{
    /** @param string|float|int|bool|list<float>|null $runner_up */
    public function __construct(
        public Firmness $firmness,
        #[OA\Property(
            ref: '#/components/schemas/Value',
            nullable: true,
            description: 'The runner-up; null if nothing else got votes.',
        )]
        public string|float|int|bool|array|null $runner_up,
    ) {
    }

    public static function of(Firmness $firmness, ?Value $runnerUp): self
    {
        return new self($firmness, null === $runnerUp ? null : ValueDocument::write($runnerUp));
    }
}
