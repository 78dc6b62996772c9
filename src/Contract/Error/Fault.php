<?php

declare(strict_types=1);

namespace App\Contract\Error;

use OpenApi\Attributes as OA;

/** One thing wrong with what came in: the field, a code that stays the same, and a sentence that says what is allowed. */
#[OA\Schema(
    schema: 'Fault',
    additionalProperties: false,
    required: ['field', 'code', 'message', 'item', 'within'],
    properties: [
        new OA\Property(property: 'item', type: 'integer', nullable: true, description: 'Its index, if the document is a list.'),
        new OA\Property(property: 'within', type: 'string', description: 'The path inside that entry.'),
    ],
)]
final readonly class Fault implements \JsonSerializable
{
    /** Codes of the reader's own; all others are the constraint's, such as "is_blank" or "not_in_range". */
    public const NOT_JSON = 'not_json';
    public const WRONG_TYPE = 'wrong_type';
    public const MISSING = 'missing';
    public const UNKNOWN_FIELD = 'unknown_field';
    public const TOO_MANY = 'too_many';
    public const TOO_LARGE = 'too_large';
    public const NOT_ALLOWED = 'not_allowed';
    public const NOT_FOUND = 'not_found';
    public const TAKEN = 'taken';
    public const SHORT = 'short';
    public const NO_SUCH_WATER = 'no_such_water';
    public const BAD_FILE = 'bad_file';

    public function __construct(
        #[OA\Property(description: 'The path of the field: "reading.tint", "[2].count", "line 7 cost". Empty for the document as a whole.')]
        public string $field,
        #[OA\Property]
        public string $message,
        #[OA\Property(description: 'Does not change when the sentence does.')]
        public string $code = self::NOT_ALLOWED,
    ) {
    }

    /** One line for a terminal: the field and the sentence. */
    public function line(): string
    {
        return '' === $this->field ? $this->message : $this->field.': '.$this->message;
    }

    /** @return array{field: string, code: string, message: string, item: int|null, within: string} */
    public function jsonSerialize(): array
    {
        $isInList = 1 === preg_match('/^\[(\d+)\]\.?(.*)$/s', $this->field, $m);

        return [
            'field' => $this->field,
            'code' => $this->code,
            'message' => $this->message,
            'item' => $isInList ? (int) $m[1] : null,
            'within' => $isInList ? $m[2] : $this->field,
        ];
    }
}
