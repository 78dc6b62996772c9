<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\Constraints\RegexValidator;

/** A pattern that an empty text does not meet either: Symfony's own takes it for "not filled in". */
final class HexValidator extends RegexValidator
{
    public function validate(mixed $value, Constraint $constraint): void
    {
        if ('' === $value && $constraint instanceof Hex) {
            $this->context->buildViolation($constraint->message)->setParameter('{{ value }}', 'An empty text')->addViolation();

            return;
        }
        parent::validate($value, $constraint);
    }
}
