<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;
use Symfony\Component\Validator\Exception\UnexpectedTypeException;

final class AboveValidator extends ConstraintValidator
{
    public function validate(mixed $value, Constraint $constraint): void
    {
        if (!$constraint instanceof Above) {
            throw new UnexpectedTypeException($constraint, Above::class);
        }
        if ((\is_int($value) || \is_float($value)) && !($value > $constraint->above && $value <= $constraint->most)) {
            $this->context->buildViolation($constraint->message)
                ->setParameter('{{ value }}', $this->formatValue($value))
                ->setCode(Above::CODE)
                ->addViolation();
        }
    }
}
