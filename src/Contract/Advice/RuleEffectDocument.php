<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\Pick;
use Kontrast\Rulebook\Slot;
use OpenApi\Attributes as OA;

/** One answer a rule gives. */
#[OA\Schema(schema: 'RuleEffect', additionalProperties: false)]
final readonly class RuleEffectDocument
{
    /** @param string|float|int|bool|list<float>|null $value */
    public function __construct(
        public Slot $pick,
        #[OA\Property(
            oneOf: [new OA\Schema(ref: '#/components/schemas/Value'), new OA\Schema(type: 'null')],
            description: 'Null where it depends on the reading or on another pick; the text then says how.',
        )]
        public string|float|int|bool|array|null $value,
        public string $words,
        #[OA\Property(description: 'False if the rule votes against the value.')]
        public bool $for,
        #[OA\Property(description: 'The pick whose value it repeats.')]
        public ?Slot $same_as,
    ) {
    }

    public static function of(Pick $pick, bool $for): self
    {
        return new self($pick->slot, null === $pick->value ? null : ValueDocument::write($pick->value), $pick->words, $for, $pick->sameAs);
    }
}
