<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Change;
use Kontrast\Rulebook\Slot;
use Kontrast\Rulebook\Value;
use OpenApi\Attributes as OA;

/** A pick that comes out otherwise: what it was, what it becomes, and why. */
#[OA\Schema(schema: 'Change', additionalProperties: false)]
final readonly class ChangeDocument
{
    /**
     * @param list<string|float|int|bool|list<float>> $before
     * @param list<string|float|int|bool|list<float>> $after
     * @param list<string> $facts
     */
    public function __construct(
        public Slot $pick,
        #[OA\Property(
            type: 'array',
            items: new OA\Items(ref: '#/components/schemas/Value'),
            description: 'Empty where the part was not there.',
        )]
        public array $before,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/Value'))]
        public array $after,
        public ?string $because,
        public ?string $rule,
        public array $facts,
    ) {
    }

    public static function of(Change $change): self
    {
        return new self(
            $change->slot,
            array_map(static fn (Value $value): string|float|int|bool|array => ValueDocument::write($value), $change->before),
            array_map(static fn (Value $value): string|float|int|bool|array => ValueDocument::write($value), $change->after),
            $change->rule?->because,
            $change->rule?->id,
            $change->rule->facts ?? [],
        );
    }
}
