<?php

declare(strict_types=1);

namespace App\Exchange;

use App\Api\Document\OwnedPartDocument;

/** What an import would do with one line. */
final readonly class PlannedPart
{
    public const ADD = 'add';
    public const CHANGE = 'change';
    public const SAME = 'same';
    public const REFUSE = 'refuse';

    /**
     * @param self::*      $action
     * @param list<string> $fields those that would change
     * @param list<Fault>  $faults
     */
    public function __construct(public int $line, public string $action, public string $name, public ?OwnedPartDocument $part, public array $fields, public array $faults)
    {
    }

    /** @return array<string, mixed> */
    public function row(): array
    {
        return [
            'line' => $this->line,
            'action' => $this->action,
            'name' => $this->name,
            'fields' => $this->fields,
            'faults' => array_map(static fn (Fault $fault): array => ['field' => $fault->field, 'message' => $fault->message], $this->faults),
        ];
    }
}
