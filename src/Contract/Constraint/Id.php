<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Symfony\Component\Validator\Constraints\Uuid;
use Symfony\Component\Validator\Constraints\UuidValidator;

/** An id: a UUID, made by whoever adds the thing or by the program. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class Id extends Uuid implements Bound
{
    public function __construct(bool $isMade = false)
    {
        parent::__construct(message: '{{ value }} is not a UUID.'.($isMade ? ' Leave the id out to get a new one.' : ''));
    }

    public function validatedBy(): string
    {
        return UuidValidator::class;
    }

    public function schema(): array
    {
        return ['format' => 'uuid'];
    }
}
