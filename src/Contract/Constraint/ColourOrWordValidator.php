<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;
use Symfony\Component\Validator\Exception\UnexpectedTypeException;

final class ColourOrWordValidator extends ConstraintValidator
{
    public function validate(mixed $value, Constraint $constraint): void
    {
        if (!$constraint instanceof ColourOrWord) {
            throw new UnexpectedTypeException($constraint, ColourOrWord::class);
        }
        if (\is_string($value) && !ColourOrWord::allows($value)) {
            $this->context->buildViolation($constraint->message())
                ->setParameter('{{ value }}', $this->formatValue($value))
                ->setCode(ColourOrWord::CODE)
                ->addViolation();
        }
    }
}
