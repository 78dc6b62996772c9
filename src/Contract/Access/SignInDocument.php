<?php

declare(strict_types=1);

namespace App\Contract\Access;

use App\Contract\Constraint\Text;
use OpenApi\Attributes as OA;

/** A pass phrase, typed in by somebody who wants in. */
#[OA\Schema(schema: 'SignIn', additionalProperties: false)]
final readonly class SignInDocument
{
    public function __construct(
        #[Text(PassPhraseBounds::MOST, 'A pass phrase')]
        public string $pass_phrase,
    ) {
    }
}
