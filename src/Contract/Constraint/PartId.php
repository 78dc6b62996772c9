<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Symfony\Component\Validator\Constraints\Length;
use Symfony\Component\Validator\Constraints\LengthValidator;

/** What a part of a look is called by. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class PartId extends Length implements Bound
{
    private const MOST = 80;

    public function __construct()
    {
        parent::__construct(
            min: 1,
            max: self::MOST,
            minMessage: 'A part needs an id.',
            maxMessage: 'An id has at most {{ limit }} characters.',
        );
    }

    public function validatedBy(): string
    {
        return LengthValidator::class;
    }

    public function schema(): array
    {
        return ['minLength' => 1, 'maxLength' => self::MOST];
    }
}
