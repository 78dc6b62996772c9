<?php

declare(strict_types=1);

namespace App\Contract\Advice;

use Kontrast\Rulebook\NearestChange;
use OpenApi\Attributes as OA;

/** One field of the reading set to another value, by which the runner-up would win. */
#[OA\Schema(schema: 'NearestChange', additionalProperties: false)]
final readonly class NearestChangeDocument
{
    public function __construct(
        public string $field,
        #[OA\Property(
            description: 'As it stands.',
            oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number'), new OA\Schema(type: 'boolean')],
        )]
        public string|float|bool|null $from,
        #[OA\Property(oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'number'), new OA\Schema(type: 'boolean')])]
        public string|float|bool $to,
    ) {
    }

    public static function of(NearestChange $turn): self
    {
        return new self($turn->field, $turn->from, $turn->to);
    }
}
