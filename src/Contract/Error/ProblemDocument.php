<?php

declare(strict_types=1);

namespace App\Contract\Error;

use OpenApi\Attributes as OA;

/** An error (RFC 9457), with one fault a field, in words a person can act on. */
#[OA\Schema(
    schema: 'Problem',
    required: ['type', 'title', 'status', 'detail', 'code', 'faults', 'fault_count'],
    properties: [
        new OA\Property(property: 'type', type: 'string'),
        new OA\Property(property: 'detail', type: 'string', description: 'The title, or a line a fault.'),
    ],
)]
final readonly class ProblemDocument implements \JsonSerializable
{
    /**
     * @param list<Fault> $faults
     */
    public function __construct(
        public int $status,
        public string $title,
        #[OA\Property(description: 'Does not change when the sentence does: invalid_document, stale, not_found, busy, internal …')]
        public string $code,
        #[OA\Property(description: 'At most 50; fault_count tells how many there are.')]
        public array $faults = [],
        public int $fault_count = 0,
        #[OA\Property(
            type: 'object',
            nullable: true,
            additionalProperties: new OA\AdditionalProperties(),
            description: 'The stored version, if the request was about an older one.',
        )]
        public ?object $current = null,
        #[OA\Property(description: 'Where to find an internal error in the log.')]
        public ?string $reference = null,
    ) {
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $lines = array_map(static fn (Fault $fault): string => $fault->line(), $this->faults);

        return [
            'type' => 'about:blank',
            'title' => $this->title,
            'status' => $this->status,
            'detail' => [] === $lines ? $this->title : implode("\n", $lines),
            'code' => $this->code,
            'faults' => $this->faults,
            'fault_count' => max($this->fault_count, \count($this->faults)),
            ...(null === $this->current ? [] : ['current' => $this->current]),
            ...(null === $this->reference ? [] : ['reference' => $this->reference]),
        ];
    }
}
