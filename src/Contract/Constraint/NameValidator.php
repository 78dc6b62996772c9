<?php

declare(strict_types=1);

namespace App\Contract\Constraint;

use Symfony\Component\Validator\Constraint;
use Symfony\Component\Validator\ConstraintValidator;
use Symfony\Component\Validator\Exception\UnexpectedTypeException;

final class NameValidator extends ConstraintValidator
{
    public function validate(mixed $value, Constraint $constraint): void
    {
        if (!$constraint instanceof Name) {
            throw new UnexpectedTypeException($constraint, Name::class);
        }
        if (!\is_string($value)) {
            return;
        }
        if ('' === trim($value)) {
            $this->context->buildViolation("$constraint->what needs a name.")->setCode(Name::BLANK)->addViolation();
        } elseif (mb_strlen($value) > Name::MOST) {
            $this->context->buildViolation('A name has at most '.Name::MOST.' characters.')->setCode(Name::LONG)->addViolation();
        }
    }
}
