<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Dissent;
use Kontrast\Rulebook\Value;
use OpenApi\Attributes as OA;

/** What another school would pick today. */
#[OA\Schema(schema: 'Dissent', additionalProperties: false)]
final readonly class DissentDocument
{
    /** @param array<string, list<string|float|int|bool|list<float>>> $picks */
    public function __construct(
        public string $school,
        #[OA\Property(description: 'Its most important different pick, or "none" if it leaves the part out.')]
        public string $value,
        public string $because,
        #[OA\Property(
            type: 'object',
            additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(ref: '#/components/schemas/Value')),
            description: 'All its picks that differ, by pick.',
        )]
        public array $picks,
        public BuildDocument $build,
    ) {
    }

    public static function of(Dissent $dissent): self
    {
        $first = array_values($dissent->values)[0] ?? [];

        return new self(
            $dissent->school->value,
            [] === $first ? 'none' : implode(' + ', array_map(static fn (Value $value): string => $value->said(), $first)),
            $dissent->because,
            array_map(
                static fn (array $values): array => array_map(
                    static fn (Value $value): string|float|int|bool|array => ValueDocument::write($value),
                    $values,
                ),
                $dissent->values,
            ),
            BuildDocument::of($dissent->build),
        );
    }
}
