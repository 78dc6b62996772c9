<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Symfony\Component\Validator\Constraints\Length;
use Symfony\Component\Validator\Constraints\LengthValidator;

/** Text of so many characters at most. */
#[\Attribute(\Attribute::TARGET_PROPERTY)]
final class Text extends Length implements Bound
{
    /** @param string $what how the sentence begins: "A note" */
    public function __construct(int $max, string $what)
    {
        parent::__construct(max: $max, maxMessage: "$what has at most {{ limit }} characters.");
    }

    public function validatedBy(): string
    {
        return LengthValidator::class;
    }

    public function schema(): array
    {
        return ['maxLength' => $this->max];
    }
}
