<?php

declare(strict_types=1);

namespace App\Api;

use Kontrast\Bin\PartKind;
use Kontrast\Sheet\Task;
use OpenApi\Attributes as OA;

#[OA\Info(version: '1', title: 'Kontrast', description: 'Reads the water and says what to tie and why. Served on this machine only; JSON only.')]
#[OA\Server(url: '/')]
#[OA\Schema(schema: 'Value', oneOf: [
    new OA\Schema(type: 'string'),
    new OA\Schema(type: 'number'),
    new OA\Schema(type: 'boolean'),
    new OA\Schema(type: 'array', items: new OA\Items(type: 'number')),
], description: 'A picked value: a word, a number in the unit of its pick, yes or no, or a range.')]
#[OA\Schema(schema: 'Condition', required: ['kind'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['all', 'any', 'not', 'among', 'flag', 'range', 'settled']),
    new OA\Property(property: 'field', type: 'string', description: 'Of the reading; for "settled" an earlier pick.'),
    new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'least', type: 'number', nullable: true, description: 'In the unit of the field.'),
    new OA\Property(property: 'most', type: 'number', nullable: true),
    new OA\Property(property: 'of', type: 'array', items: new OA\Items(ref: '#/components/schemas/Condition')),
], description: 'When a rule speaks. Numbers fade over a band about their edges.')]
#[OA\Schema(schema: 'Problem', required: ['type', 'title', 'status', 'detail', 'faults'], properties: [
    new OA\Property(property: 'type', type: 'string'),
    new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'status', type: 'integer'),
    new OA\Property(property: 'detail', type: 'string'),
    new OA\Property(property: 'faults', type: 'array', items: new OA\Items(ref: '#/components/schemas/Fault')),
], description: 'An error (RFC 9457) with one fault a field.')]
#[OA\Schema(schema: 'Fault', required: ['field', 'message'], properties: [
    new OA\Property(property: 'field', type: 'string'),
    new OA\Property(property: 'message', type: 'string'),
])]
#[OA\Schema(schema: 'Hardware', required: ['kind', 'size', 'count'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: PartKind::class),
    new OA\Property(property: 'size', type: 'string'),
    new OA\Property(property: 'count', type: 'integer'),
], description: 'Small things that hold a build together.')]
#[OA\Schema(schema: 'Need', required: ['id', 'name', 'kind', 'size', 'needed', 'there', 'short', 'cost'], properties: [
    new OA\Property(property: 'id', type: 'string', nullable: true),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'kind', type: 'string', enum: PartKind::class),
    new OA\Property(property: 'size', type: 'string'),
    new OA\Property(property: 'needed', type: 'integer'),
    new OA\Property(property: 'there', type: 'integer'),
    new OA\Property(property: 'short', type: 'integer'),
    new OA\Property(property: 'cost', type: 'number', nullable: true, description: 'Of one.'),
], description: 'A part that a batch uses.')]
#[OA\Schema(schema: 'Turn', required: ['task', 'title', 'count', 'minutes', 'builds'], properties: [
    new OA\Property(property: 'task', type: 'string', enum: Task::class),
    new OA\Property(property: 'title', type: 'string'),
    new OA\Property(property: 'count', type: 'integer'),
    new OA\Property(property: 'minutes', type: 'number'),
    new OA\Property(property: 'builds', type: 'array', items: new OA\Items(type: 'string')),
], description: 'Equal steps of a batch, done in one go.')]
#[OA\Response(response: 'Invalid', description: 'Something in the document is not allowed; nothing was stored.', content: new OA\MediaType(
    mediaType: 'application/problem+json',
    schema: new OA\Schema(ref: '#/components/schemas/Problem'),
))]
/** What the OpenAPI document says of the program as a whole. */
final class OpenApi
{
}
