<?php

declare(strict_types=1);

namespace App\Contract\OpenApi;

use App\Contract\Inventory\InventoryPartDocument;
use OpenApi\Attributes as OA;

/** What the OpenAPI document says of the program as a whole. */
#[OA\Info(
    version: '1',
    title: 'Kontrast',
    description: 'Reads the water and says what to tie and why. Served on this computer only; JSON only.',
    license: new OA\License(name: 'Proprietary', identifier: 'LicenseRef-Proprietary'),
)]
#[OA\Server(url: '/')]
#[OA\Schema(schema: 'Value', oneOf: [
    new OA\Schema(type: 'string'),
    new OA\Schema(type: 'number'),
    new OA\Schema(type: 'boolean'),
    new OA\Schema(type: 'array', items: new OA\Items(type: 'number')),
], description: 'A picked value: a word, a number in the unit of its pick, yes or no, or a range.')]
#[OA\Schema(schema: 'Condition', required: ['kind'], properties: [
    new OA\Property(property: 'kind', type: 'string', enum: ['all', 'any', 'not', 'among', 'flag', 'range', 'settled', 'notes']),
    new OA\Property(property: 'field', type: 'string', description: 'Of the reading; for "settled" an earlier pick.'),
    new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'least', type: 'number', nullable: true, description: 'In the unit of the field.'),
    new OA\Property(property: 'most', type: 'number', nullable: true),
    new OA\Property(property: 'sharp', type: 'boolean', description: 'Whether it does not fade outside.'),
    new OA\Property(property: 'open', type: 'boolean', description: 'Whether its ends stop short of the numbers.'),
    new OA\Property(property: 'of', type: 'array', items: new OA\Items(ref: '#/components/schemas/Condition')),
], description: 'When a rule counts. A range holds from end to end and fades outside.')]
#[OA\Schema(
    schema: 'Parts',
    required: ['parts'],
    additionalProperties: false,
    properties: [new OA\Property(property: 'parts', type: 'array', items: new OA\Items(ref: InventoryPartDocument::class))],
    description: 'Parts to carry from one inventory to another.',
)]
final class ApiInfo
{
}
